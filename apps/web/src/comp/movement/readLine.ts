import { noteParts, pitchClassOf, type Under } from '@drop-close/core';

/**
 * A line as it is typed: note names with octaves, `G4 A4 Bb4`; after a note `d` asks for the diminished chord
 * under it, `s` for one slid in, `n` for the note alone.
 */
export interface TypedLine {
  readonly notes: readonly number[];
  /** What is asked for under each note; empty where nothing is. */
  readonly under: readonly Under[];
  readonly problem: string | undefined;
}

const NOTE = /^([A-Ga-g])(b|#|♭|♯)?(-?\d)([dsn])?$/;
const ASKED: Readonly<Record<string, Under>> = { d: 'diminished', s: 'slid', n: 'alone' };
const MOST = 16;

export function readLine(text: string): TypedLine {
  const words = text.split(/[\s,]+/).filter(Boolean);
  const notes: number[] = [];
  const under: Under[] = [];
  for (const word of words) {
    const match = NOTE.exec(word);
    if (!match) {
      const problem = `“${word}” is no note; write them like G4 or Bb4.`;
      return { notes, under, problem };
    }
    const [, letter = '', sign = '', octave = '', asked = ''] = match;
    under.push(ASKED[asked] ?? 'by itself');
    const name = letter.toUpperCase() + sign.replace('♭', 'b').replace('♯', '#');
    // A flat C lies below the C of its octave, so the octave is counted from the letter.
    const natural = pitchClassOf(letter.toUpperCase()) + noteParts(name).accidental;
    notes.push(natural + 12 * (Number(octave) + 1));
  }
  if (notes.length > MOST)
    return { notes, under, problem: `A line over one chord has at most ${MOST} notes.` };
  const chosen = under.some((each) => each !== 'by itself');
  return { notes, under: chosen ? under : [], problem: undefined };
}
