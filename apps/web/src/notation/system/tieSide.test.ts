import type { Midi, WrittenNote } from '@drop-close/core';
import { OVER, tieSide, UNDER } from './tieSide';

const chord = (...pitches: readonly number[]): WrittenNote[] =>
  pitches.map((midi) => ({ midi: midi as Midi, note: 'C', tiedFrom: false, tiedTo: true }));
const sides = (stem: number, tied: readonly WrittenNote[]) =>
  tied.map((note) => tieSide(tied, note, stem));

// Source: common practice of engraving.
describe('ties', () => {
  it('of a single note curve away from its stem', () => {
    expect(sides(1, chord(60))).toEqual([UNDER]);
    expect(sides(-1, chord(72))).toEqual([OVER]);
  });
  it.each([1, -1])('of four notes curve away from the middle, whatever the stem: %i', (stem) => {
    expect(sides(stem, chord(52, 57, 60, 67))).toEqual([UNDER, UNDER, OVER, OVER]);
  });
  it('of three notes leave the middle one to the stem', () => {
    expect(sides(1, chord(52, 58, 62))).toEqual([UNDER, UNDER, OVER]);
    expect(sides(-1, chord(52, 58, 62))).toEqual([UNDER, OVER, OVER]);
  });
});
