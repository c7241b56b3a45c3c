import { noteParts, type NoteName } from '@drop-close/core';

export type Clef = 'treble' | 'bass';

/** A note to engrave. */
export interface EngravedNote {
  readonly name: NoteName;
  readonly midi: number;
}

/**
 * A note as the engraver wants it: `eb/4`. The octave is that of the letter, so Cb above B3 is `cb/4`.
 */
export function keyOfNote({ name, midi }: EngravedNote): string {
  const { letter, accidental } = noteParts(name);
  const octave = Math.floor((midi - accidental) / 12) - 1;
  return `${letter.toLowerCase()}${name.slice(1)}/${octave}`;
}

/** Where the lowest note of a chord is written in each clef: the C in the middle of it or near. */
export const LOWEST_IN: Readonly<Record<Clef, number>> = { treble: 60, bass: 40 };
