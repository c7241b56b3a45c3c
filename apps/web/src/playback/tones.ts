import { pitchClassOf, type NoteName, type PitchedChord } from '@drop-close/core';

/** A chord heard without a voicing begins here: the C below middle C. */
const LOWEST = 48;

/** Note names as rising pitches, each above the one before, from a lowest pitch on. */
export function rising(notes: readonly NoteName[], lowest = LOWEST): number[] {
  let last = lowest - 1;
  return notes.map((note) => {
    const up = (((pitchClassOf(note) - last - 1) % 12) + 12) % 12;
    last += up + 1;
    return last;
  });
}

/** Note names as pitches, the first nearest to a pitch and each nearest to the one before; of two the lower. */
export function nearestPitches(notes: readonly NoteName[], near: number): number[] {
  let last = near;
  return notes.map((note) => {
    const up = (((pitchClassOf(note) - last) % 12) + 12) % 12;
    last += up >= 6 ? up - 12 : up;
    return last;
  });
}

/** The tones of a chord, stacked from its root. */
export const stacked = (chord: PitchedChord): number[] =>
  rising(chord.tones.map(({ note }) => note));
