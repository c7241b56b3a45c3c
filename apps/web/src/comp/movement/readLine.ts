import { noteParts, pitchClassOf } from '@drop-close/core';

/** A line as it is typed: note names with octaves, `G4 A4 Bb4`. */
export interface TypedLine {
  readonly notes: readonly number[];
  readonly problem: string | undefined;
}

const NOTE = /^([A-Ga-g])(b|#|♭|♯)?(-?\d)$/;
const MOST = 16;

export function readLine(text: string): TypedLine {
  const words = text.split(/[\s,]+/).filter(Boolean);
  const notes: number[] = [];
  for (const word of words) {
    const match = NOTE.exec(word);
    if (!match) return { notes, problem: `“${word}” is no note; write them like G4 or Bb4.` };
    const [, letter = '', sign = '', octave = ''] = match;
    const name = letter.toUpperCase() + sign.replace('♭', 'b').replace('♯', '#');
    // A flat C lies below the C of its octave, so the octave is counted from the letter.
    const natural = pitchClassOf(letter.toUpperCase()) + noteParts(name).accidental;
    notes.push(natural + 12 * (Number(octave) + 1));
  }
  if (notes.length > MOST)
    return { notes, problem: `A line over one chord has at most ${MOST} notes.` };
  return { notes, problem: undefined };
}
