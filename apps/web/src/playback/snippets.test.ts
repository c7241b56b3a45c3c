import { parseChord, type PitchedChord } from '@drop-close/core';
import { poolPlan } from './snippets';
import { nearestPitches, rising, stacked } from './tones';

const chord = (symbol: string): PitchedChord => {
  const result = parseChord(symbol);
  if (!result.ok || result.value.kind !== 'chord') throw new Error(symbol);
  return result.value;
};

it('stacks a chord upwards from its root, at or above the C below middle C', () => {
  expect(stacked(chord('Cmaj9'))).toEqual([48, 52, 55, 59, 62]);
  expect(stacked(chord('Bb7'))).toEqual([58, 62, 65, 68]);
});

it('lets a scale rise through its octave', () => {
  expect(rising(['A', 'B', 'C', 'D', 'E', 'F', 'G'], 57)).toEqual([57, 59, 60, 62, 64, 65, 67]);
});

it('plays a pool one note after another while its chord rings under it', () => {
  const { notes, length } = poolPlan([48, 52], [60, 62, 64]);
  const under = notes.filter(({ at }) => at === 0);
  expect(under.map(({ midi, length: rings }) => [midi, rings])).toEqual([
    [48, length],
    [52, length],
  ]);
  expect(notes.filter(({ at }) => at > 0).map(({ midi, at }) => [midi, at])).toEqual([
    [60, 1],
    [62, 1.5],
    [64, 2],
  ]);
});

it('takes each note of a line the nearer way', () => {
  expect(nearestPitches(['C', 'B', 'G', 'C'], 69)).toEqual([72, 71, 67, 72]);
});
