import { ticks } from '../../base/units';
import type { SoloNote, SoloPhrase } from './types';

/** Sizes by which a line is heard, in ticks of 480 a quarter. Source: our own judgement. */
export const SOLO_SIZES = {
  /** A rest as long as this ends a phrase; anything less is breath within it. */
  rest: ticks(480),
  /** A note as long as this is held: there is room under it. */
  long: ticks(960),
  /** What comes so little before a phrase is heard with its first note. */
  lead: ticks(120),
} as const;

const endOf = ({ at, length }: SoloNote): number => at + length;

/**
 * Cuts a line into phrases at its rests. Notes come in any order; of overlapping ones the phrase lasts to
 * the end of the longest.
 */
export function phrasesOf(notes: readonly SoloNote[]): SoloPhrase[] {
  const phrases: SoloNote[][] = [];
  let end = -Infinity;
  for (const note of [...notes].sort((a, b) => a.at - b.at || a.midi - b.midi)) {
    if (note.at - end >= SOLO_SIZES.rest) phrases.push([]);
    phrases.at(-1)!.push(note);
    end = Math.max(end, endOf(note));
  }
  return phrases.map(phraseOf);
}

function phraseOf(notes: readonly SoloNote[]): SoloPhrase {
  const pitches = notes.map(({ midi }) => midi).sort((a, b) => a - b);
  return {
    notes,
    at: notes[0]!.at,
    end: ticks(Math.max(...notes.map(endOf))),
    low: pitches[0]!,
    high: pitches.at(-1)!,
  };
}

/** Whether a moment is heard within a phrase. */
export const isWithin = ({ at, end }: SoloPhrase, moment: number): boolean =>
  at - SOLO_SIZES.lead < moment && moment < end;

export const isLong = ({ length }: SoloNote): boolean => length >= SOLO_SIZES.long;

/** Whether a moment is heard under a note: from when it begins, or so little before it as is heard together. */
export const isUnder = ({ at, length }: SoloNote, moment: number): boolean =>
  at - SOLO_SIZES.lead < moment && moment < at + length;
