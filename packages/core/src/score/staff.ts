/** Where notes stand on a staff. */
import type { Midi } from '../base/units';
import { noteOf, octaveOf, type NoteName } from '../pitch/spelling';
import type { Clef } from './types';

interface Written {
  readonly note: NoteName;
  /** As it is written. */
  readonly midi: Midi;
}

const LETTERS = 'CDEFGAB';
/** From the lowest line of a staff to the highest. */
const STAFF_STEPS = 8;
/** The steps of E4 and G2. */
const LOWEST_LINE = { treble: 30, bass: 18 } as const;
type NotesClef = Exclude<Clef, 'tab'>;

/** The step of a note, counted from C0 by letters; the octave is that of the letter, so Cb over B3 is a C4. @example staffStep('Eb', 63) // 30 */
export function staffStep(note: NoteName, midi: Midi): number {
  const { letter, accidental } = noteOf(note);
  const natural = (midi - accidental) as Midi;
  return octaveOf(natural) * LETTERS.length + LETTERS.indexOf(letter);
}

/** How many steps a note is written under the lowest line, above it below 0. @example stepsUnder({ note: 'C', midi: 60 }, 'treble') // 2 */
export const stepsUnder = ({ note, midi }: Written, clef: NotesClef): number =>
  LOWEST_LINE[clef] - staffStep(note, midi);

/** @example ledgerLines({ note: 'C', midi: 60 }, 'treble') // 1 */
export function ledgerLines(written: Written, clef: NotesClef): number {
  const under = stepsUnder(written, clef);
  const over = -under - STAFF_STEPS;
  return Math.floor(Math.max(0, under, over) / 2);
}

/** The clef in which notes have fewest ledger lines; treble where both have as many. Source: common practice of engraving. */
export function clefOf(notes: readonly Written[]): NotesClef {
  const lines = (clef: NotesClef): number =>
    notes.reduce((sum, each) => sum + ledgerLines(each, clef), 0);
  return lines('bass') < lines('treble') ? 'bass' : 'treble';
}
