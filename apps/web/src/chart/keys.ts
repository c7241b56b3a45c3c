import { pitchClassOf } from '@drop-close/core';

const MAJOR = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B'];
const MINOR = ['Cm', 'C#m', 'Dm', 'Ebm', 'Em', 'Fm', 'F#m', 'Gm', 'G#m', 'Am', 'Bbm', 'Bm'];

/** Semitones of a key's tonic above C, from its short form. */
export const tonicOf = (key: string): number => pitchClassOf(key.replace(/m$/, ''));

/** The keys of one mode that a tune can be moved to, upwards from C. */
export const keysToMoveTo = (key: string): readonly { name: string; semitones: number }[] =>
  (key.endsWith('m') ? MINOR : MAJOR).map((name) => ({ name, semitones: tonicOf(name) }));
