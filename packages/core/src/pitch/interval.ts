import { pitchClass } from '../base/units';
import { LETTERS } from './data';
import { noteOf, pitchClassOf, plainSpelling, spellFrom, type NoteName } from './spelling';

/** A distance between note names: letters up (0..6) and semitones up (0..11). */
export interface Interval {
  readonly letterSteps: number;
  readonly semitones: number;
}

/** @example intervalBetween('C', 'Eb') // { letterSteps: 2, semitones: 3 } */
export function intervalBetween(from: NoteName, to: NoteName): Interval {
  const steps = LETTERS.indexOf(noteOf(to).letter) - LETTERS.indexOf(noteOf(from).letter);
  return {
    letterSteps: (steps + 7) % 7,
    semitones: pitchClass(pitchClassOf(to) - pitchClassOf(from)),
  };
}

/**
 * Moves a note by an interval; what would need a double accidental takes its plain enharmonic.
 * @example moveNote('F#', { letterSteps: 2, semitones: 3 }) // 'A'
 * @example moveNote('Gb', { letterSteps: 2, semitones: 3 }) // 'A'
 */
export const moveNote = (note: NoteName, { letterSteps, semitones }: Interval): NoteName =>
  plainSpelling(spellFrom(note, letterSteps, semitones));

/** Sharps of a signature come in this order, flats in the other. Source: common practice of engraving. */
export const LINE_OF_FIFTHS = 'FCGDAEB';

/** Sharps (above 0) or flats (below 0) in the signature of a major key, by its tonic. */
export function sharpsOf(tonic: NoteName): number {
  const { letter, accidental } = noteOf(tonic);
  return LINE_OF_FIFTHS.indexOf(letter) - 1 + 7 * accidental;
}

/**
 * The tonic of the major key with so many sharps, or flats below 0.
 * @example tonicOf(-3) // 'Eb'
 */
export function tonicOf(sharps: number): NoteName {
  const letter = LINE_OF_FIFTHS.at((sharps + 1) % 7)!;
  const signs = Math.floor((sharps + 1) / 7);
  return letter + (signs < 0 ? 'b' : '#').repeat(Math.abs(signs));
}
