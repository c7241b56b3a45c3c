import { parseChord, type Chord } from '@drop-close/core';
import { nearestTone } from './useLineActions';
import { chordTones } from './chordTones';
import { staffStep, stepsOf } from './staffSteps';

const chord = (symbol: string): Chord => {
  const read = parseChord(symbol);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

it('puts the tones of a chord on the staff, low to high, with their accidentals', () => {
  const notes = stepsOf(chord('Cm7'), 60, 71);
  expect(notes.map(({ midi, step, accidental }) => [midi, step, accidental])).toEqual([
    [60, 35, ''],
    [63, 37, '♭'],
    [67, 39, ''],
    [70, 41, '♭'],
  ]);
});

it('draws the ledger lines a note needs: one for middle C, none on the staff, one for A5', () => {
  const ledgers = stepsOf(chord('Am7'), 60, 81).map((note) => note.ledgers.length);
  expect(ledgers[0]).toBe(1);
  expect(ledgers.at(-1)).toBe(1);
  expect(stepsOf(chord('Am7'), 64, 76).every((note) => note.ledgers.length === 0)).toBe(true);
});

it('counts seven steps to the octave', () => {
  expect(staffStep(72) - staffStep(60)).toBe(7);
});

it('takes the tone of the chord that lies nearest to where one pressed', () => {
  const tones = chordTones(chord('C7'));
  expect([60, 61, 62, 66, 69].map((midi) => nearestTone(tones, midi))).toEqual([
    60, 60, 60, 67, 70,
  ]);
});
