import type { WrittenNote } from '@drop-close/core';

/** On which side of its notes a tie curves, as the library counts it. */
export const OVER = -1;
export const UNDER = 1;
export type TieSide = typeof OVER | typeof UNDER;

/**
 * The ties of a chord curve away from its middle: the upper half over their notes, the lower half under them;
 * that of a single note, and of the middle one, away from the stem. Source: common practice of engraving.
 * @param tied the notes of the chord that are tied, from the lowest up
 * @param stem 1 where it points up, -1 down
 */
export function tieSide(tied: readonly WrittenNote[], note: WrittenNote, stem: number): TieSide {
  const middle = (tied.length - 1) / 2;
  const place = tied.indexOf(note);
  if (place === middle) return stem > 0 ? UNDER : OVER;
  return place > middle ? OVER : UNDER;
}
