import { midi, pitchClassOf, readNoteName, type Midi, type NoteName } from '@drop-close/core';
import { rising } from '../../playback/tones';

export type NotesRead =
  | { readonly ok: true; readonly names: readonly NoteName[]; readonly pitches: readonly Midi[] }
  | { readonly ok: false; readonly message: string };

/** A name, and its octave where it is told. */
const NOTE = /^(.*?)(-?\d)?$/;
/** The note below which an octave number cannot go, and above. */
const [LOWEST, HIGHEST] = [12, 120];

/**
 * Reads some notes, the lowest first: "F Ab C Eb", each above the one before unless it names its octave,
 * as in "C3 E4". Commas may stand between them.
 */
export function readNotes(text: string): NotesRead {
  const words = text.split(/[\s,]+/).filter(Boolean);
  const names: NoteName[] = [];
  const pitches: Midi[] = [];
  for (const word of words) {
    const [, said = '', octave] = NOTE.exec(word) ?? [];
    const name = readNoteName(said);
    if (name === undefined) {
      return {
        ok: false,
        message: `"${word}" is no note: write letters or syllables, as F Ab C Eb or fa lab do mib.`,
      };
    }
    const pitch =
      octave === undefined ? above(name, pitches.at(-1)) : inOctave(name, Number(octave));
    if (pitch < LOWEST || pitch > HIGHEST) {
      return { ok: false, message: `"${word}" lies outside any instrument.` };
    }
    names.push(name);
    pitches.push(midi(pitch));
  }
  return { ok: true, names, pitches };
}

/** The first note begins at the C below middle C. */
const above = (name: NoteName, last: Midi | undefined): number =>
  rising([name], last === undefined ? undefined : last + 1)[0]!;

const inOctave = (name: NoteName, octave: number): number => {
  const accidental = name.split('#').length - name.slice(1).split('b').length;
  return 12 * (octave + 1) + ((pitchClassOf(name) - accidental + 12) % 12) + accidental;
};
