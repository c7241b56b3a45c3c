import { noteParts, pitchClassOf, plainSpelling, topTones, type Chord } from '@drop-close/core';

const LETTERS = 'CDEFGAB';
const NATURALS = [0, 2, 4, 5, 7, 9, 11];

/** A note of the chord at a pitch, as it stands on the treble staff. */
export interface StaffNote {
  readonly midi: number;
  readonly name: string;
  /** Steps of the staff, from C of octave -1. */
  readonly step: number;
  readonly accidental: string;
  /** Ledger lines it needs. */
  readonly ledgers: readonly number[];
}

/** The staff step of a natural note. @example staffStep(60) // 35 */
export const staffStep = (midi: number): number =>
  Math.floor(midi / 12) * 7 + NATURALS.indexOf(midi % 12);

const LOWEST_LINE = staffStep(64);
const HIGHEST_LINE = staffStep(77);

/** Everything that may lie on top of the chord between two pitches, low to high. */
export function stepsOf(chord: Chord, low: number, high: number): StaffNote[] {
  const names = new Map<number, string>(
    topTones(chord).map(({ note }) => [pitchClassOf(note), plainSpelling(note)]),
  );
  const notes: StaffNote[] = [];
  for (let midi = low; midi <= high; midi += 1) {
    const name = names.get(midi % 12);
    if (name === undefined) continue;
    const { letter, accidental } = noteParts(name);
    // A C flat stands where the C above it does.
    const step = Math.floor((midi - accidental) / 12) * 7 + LETTERS.indexOf(letter);
    const sign = accidental === 0 ? '' : accidental < 0 ? '♭' : '♯';
    notes.push({ midi, name, step, accidental: sign, ledgers: ledgersFor(step) });
  }
  return notes;
}

function ledgersFor(step: number): number[] {
  const ledgers: number[] = [];
  for (let line = LOWEST_LINE - 2; line >= step; line -= 2) ledgers.push(line);
  for (let line = HIGHEST_LINE + 2; line <= step; line += 2) ledgers.push(line);
  return ledgers;
}
