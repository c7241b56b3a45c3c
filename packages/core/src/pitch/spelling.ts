import { pitchClass, type Midi, type PitchClass } from '../base/units';
import { LETTERS, NATURAL_PITCH_CLASS, PLAIN_FLAT, PLAIN_SHARP, type Letter } from './data';

/**
 * A note name in plain ASCII: a letter A..G and up to four flats or sharps, as `Bb`, `F##`, `C`.
 * Names carry no octave.
 */
export type NoteName = string;

export interface SpelledNote {
  readonly letter: Letter;
  /** Sharps above zero, flats below: `Bbb` is -2. */
  readonly accidental: number;
}

const NAME = /^([A-G])(b{0,4}|#{0,4})$/;

/**
 * Reads a note name, or gives `undefined` when it is none.
 * @example parseNote('Eb') // { letter: 'E', accidental: -1 }
 * @example parseNote('H') // undefined
 */
export function parseNote(name: string): SpelledNote | undefined {
  const match = NAME.exec(name);
  if (!match) return undefined;
  const signs = match[2] ?? '';
  return {
    letter: match[1] as Letter,
    accidental: signs.startsWith('b') ? -signs.length : signs.length,
  };
}

/** There are 63 names, and an analysis reads them thousands of times. */
const known = new Map<NoteName, SpelledNote>();

/** Reads a note name that is known to be one. @throws when it is not: a defect of the caller. */
export function noteOf(name: NoteName): SpelledNote {
  const before = known.get(name);
  if (before) return before;
  const note = parseNote(name);
  if (!note) throw new Error(`"${name}" is not a note name`);
  known.set(name, Object.freeze(note));
  return note;
}

export function nameOf(note: SpelledNote): NoteName {
  const sign = note.accidental < 0 ? 'b' : '#';
  return note.letter + sign.repeat(Math.abs(note.accidental));
}

/** As many as there are names, and asked for as often. */
const knownPitches = new Map<NoteName, PitchClass>();

export function pitchClassOf(name: NoteName): PitchClass {
  const before = knownPitches.get(name);
  if (before !== undefined) return before;
  const note = noteOf(name);
  const pitch = pitchClass(NATURAL_PITCH_CLASS[note.letter] + note.accidental);
  knownPitches.set(name, pitch);
  return pitch;
}

/**
 * Spells a note from a root by letter steps and semitones: the third of a chord is always two letters
 * up, whatever accidental that asks for.
 * @example spellFrom('Eb', 2, 3) // 'Gb'
 * @example spellFrom('C', -1, -1) // 'B'
 */
export function spellFrom(root: NoteName, letterSteps: number, semitonesUp: number): NoteName {
  const { letter } = noteOf(root);
  const target = LETTERS.at((LETTERS.indexOf(letter) + letterSteps) % 7) as Letter;
  const wanted = pitchClassOf(root) + semitonesUp;
  const accidental = pitchClass(wanted - NATURAL_PITCH_CLASS[target] + 6) - 6;
  return nameOf({ letter: target, accidental });
}

/**
 * The plain enharmonic for readouts: a double flat or double sharp becomes the one-letter note of the
 * same pitch, everything else stays.
 * @example plainSpelling('Bbb') // 'A'
 * @example plainSpelling('Cb') // 'Cb'
 */
export function plainSpelling(name: NoteName): NoteName {
  const { accidental } = noteOf(name);
  if (Math.abs(accidental) < 2) return name;
  return (accidental < 0 ? PLAIN_FLAT : PLAIN_SHARP)[pitchClassOf(name)] as NoteName;
}

/**
 * The plain name of a root that stands for itself: besides doubles, Fb, Cb, E# and B# become the naturals
 * that players write.
 * @example plainRoot('Fb') // 'E'
 * @example plainRoot('Gb') // 'Gb'
 */
export function plainRoot(name: NoteName): NoteName {
  return /^(?:[FC]b|[EB]#)$/.test(name) ? PLAIN_FLAT[pitchClassOf(name)]! : plainSpelling(name);
}

/** Letters, or the syllables of fixed do. */
export type NoteNaming = 'letters' | 'do ré mi';

const SYLLABLES: Readonly<Record<string, string>> = {
  C: 'do',
  D: 'ré',
  E: 'mi',
  F: 'fa',
  G: 'sol',
  A: 'la',
  B: 'si',
};

/**
 * A note name for reading: real accidentals in place of ASCII, letters or syllables.
 * @example prettyNote('Bb') // 'B♭'
 * @example prettyNote('F#', 'do ré mi') // 'fa♯'
 */
export function prettyNote(name: NoteName, naming: NoteNaming = 'letters'): string {
  const letter = name.charAt(0);
  const sign = name.slice(1).replaceAll('b', '♭').replaceAll('#', '♯');
  return (naming === 'letters' ? letter : (SYLLABLES[letter] ?? letter)) + sign;
}

/**
 * Scientific octave number of a MIDI note.
 * @example octaveOf(60) // 4
 */
export const octaveOf = (note: Midi): number => Math.floor(note / 12) - 1;
