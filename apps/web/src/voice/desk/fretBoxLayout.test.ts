import { defaultGuitar, parseChord, readPlayed, type Voicing } from '@drop-close/core';
import { barresOf, boxOf } from './fretBoxLayout';

function grip(symbol: string, frets: string): Voicing {
  const chord = parseChord(symbol);
  if (!chord.ok || chord.value.kind !== 'chord') throw new Error(symbol);
  const played = frets
    .split('')
    .flatMap((fret, at) => (fret === 'x' ? [] : [{ string: 6 - at, fret: Number(fret) }]));
  const result = readPlayed(chord.value, played, defaultGuitar);
  if (!result.ok) throw new Error(result.problem);
  return result.value.voicing;
}

it('draws the low string on the left, and on the right for a left-handed player', () => {
  const right = boxOf(grip('A7', '5x56xx'), 'large', 6, false);
  const left = boxOf(grip('A7', '5x56xx'), 'large', 6, true);
  expect(right.x(6)).toBeLessThan(right.x(1));
  expect(left.x(6)).toBeGreaterThan(left.x(1));
  expect(right.numberAt).toBeLessThan(right.x(6));
  expect(left.numberAt).toBeGreaterThan(left.x(6));
});

it('begins at the nut where the grip is low enough, else at its lowest fret', () => {
  expect(boxOf(grip('C', 'x32010'), 'small', 6, false).first).toBe(1);
  expect(boxOf(grip('A7', '5x56xx'), 'small', 6, false).first).toBe(5);
});

it('has a line for every string, however many there are', () => {
  const box = boxOf(grip('A7', '5x56xx'), 'small', 8, false);
  expect(box.x(1) - box.x(8)).toBe(7 * box.measure.string);
});

it('lays a barre over the strings under one finger', () => {
  expect(barresOf(grip('Am7', 'xx5555').notes)).toEqual([{ fret: 5, from: 4, to: 1 }]);
  expect(barresOf(grip('A7', '5x56xx').notes)).toEqual([]);
  expect(barresOf(grip('D9', 'x54555').notes)).toEqual([{ fret: 5, from: 3, to: 1 }]);
  expect(barresOf(grip('Am6', '575555').notes)).toEqual([{ fret: 5, from: 6, to: 1 }]);
});
