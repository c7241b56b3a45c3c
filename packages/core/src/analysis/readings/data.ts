import type { ChordClass } from '../base/chordClass';
import type { Mode } from '../base/key';
import type { HarmonicFunction } from '../base/types';
import type { Role } from './types';

/**
 * Roman numbers by semitones above the tonic, measured from the major scale in major and minor alike.
 * Source: common practice of jazz charts.
 */
export const ROMAN = [
  'I',
  'bII',
  'II',
  'bIII',
  'III',
  'IV',
  '#IV',
  'V',
  'bVI',
  'VI',
  'bVII',
  'VII',
] as const;
/** Chromatic roots that rise to the next: a passing diminished chord is written from below. */
export const RISING_ROMAN: Readonly<Record<number, string>> = {
  1: '#I',
  3: '#II',
  6: '#IV',
  8: '#V',
  10: '#VI',
};
export const FALLING_ROMAN: Readonly<Record<number, string>> = { 6: 'bV' };

/**
 * What stands on the degrees of a key by itself, in tenths: 0 belongs to the key, up to 25 is borrowed
 * from near by. Columns: semitones above the tonic, class, function, cost, role, and what to say of it.
 * Source: common practice; the costs are our own.
 */
type Row = readonly [number, ChordClass, HarmonicFunction, number, Role, string];

const OWN = 'belongs to the key';
const PARALLEL_MINOR = 'borrowed from the parallel minor';

export const ON_DEGREES: Readonly<Record<Mode, readonly Row[]>> = {
  major: [
    [0, 'major', 'tonic', 0, 'own', OWN],
    [0, 'open', 'tonic', 3, 'own', OWN],
    [0, 'augmented', 'tonic', 5, 'own', 'the tonic with its fifth raised'],
    [0, 'dominant', 'tonic', 15, 'blues', 'the tonic as a blues seventh'],
    [0, 'minor', 'tonic', 25, 'borrowed', PARALLEL_MINOR],
    [1, 'major', 'predominant', 22, 'borrowed', 'bII, borrowed from the parallel minor'],
    [2, 'minor', 'predominant', 0, 'own', OWN],
    [2, 'half-diminished', 'predominant', 8, 'borrowed', PARALLEL_MINOR],
    [3, 'major', 'tonic', 22, 'borrowed', PARALLEL_MINOR],
    [4, 'minor', 'tonic', 0, 'own', OWN],
    [5, 'major', 'predominant', 0, 'own', OWN],
    [5, 'open', 'predominant', 3, 'own', OWN],
    [5, 'minor', 'predominant', 8, 'minor iv', 'minor iv, borrowed from the parallel minor'],
    [5, 'dominant', 'predominant', 12, 'blues', 'the IV as a blues seventh'],
    [6, 'half-diminished', 'predominant', 10, 'borrowed', 'steps down into IV, iv or V'],
    [7, 'dominant', 'dominant', 0, 'own', OWN],
    [7, 'major', 'dominant', 2, 'own', OWN],
    [7, 'open', 'dominant', 2, 'own', OWN],
    [7, 'augmented', 'dominant', 5, 'own', 'V with its fifth raised'],
    [7, 'minor', 'dominant', 18, 'borrowed', PARALLEL_MINOR],
    [8, 'major', 'predominant', 14, 'borrowed', PARALLEL_MINOR],
    [8, 'dominant', 'predominant', 16, 'borrowed', PARALLEL_MINOR],
    [9, 'minor', 'tonic', 0, 'own', OWN],
    [10, 'major', 'predominant', 14, 'borrowed', PARALLEL_MINOR],
    [10, 'dominant', 'dominant', 12, 'backdoor', 'bVII7 stands in for V'],
    [11, 'half-diminished', 'dominant', 2, 'own', OWN],
    [11, 'diminished', 'dominant', 2, 'own', 'the leading tone, V7b9 without its root'],
  ],
  minor: [
    [0, 'minor', 'tonic', 0, 'own', OWN],
    [0, 'open', 'tonic', 3, 'own', OWN],
    [0, 'dominant', 'tonic', 16, 'blues', 'the tonic as a blues seventh'],
    [0, 'major', 'tonic', 14, 'borrowed', 'borrowed from the parallel major'],
    [1, 'major', 'predominant', 10, 'borrowed', 'bII, a half step above the tonic'],
    [2, 'half-diminished', 'predominant', 0, 'own', OWN],
    [2, 'minor', 'predominant', 8, 'own', 'ii of Dorian or melodic minor'],
    [3, 'major', 'tonic', 3, 'own', OWN],
    [3, 'augmented', 'tonic', 5, 'own', OWN],
    [5, 'minor', 'predominant', 0, 'own', OWN],
    [5, 'open', 'predominant', 3, 'own', OWN],
    [5, 'dominant', 'predominant', 8, 'own', 'IV7 of Dorian or melodic minor'],
    [7, 'dominant', 'dominant', 0, 'own', OWN],
    [7, 'major', 'dominant', 2, 'own', OWN],
    [7, 'open', 'dominant', 2, 'own', OWN],
    [7, 'augmented', 'dominant', 3, 'own', 'V with its fifth raised'],
    [7, 'minor', 'dominant', 8, 'own', 'v of natural minor'],
    [8, 'major', 'predominant', 3, 'own', OWN],
    [8, 'dominant', 'predominant', 8, 'own', 'bVI7, a half step above V'],
    [9, 'half-diminished', 'tonic', 8, 'own', 'vi of melodic minor'],
    [10, 'dominant', 'dominant', 8, 'own', OWN],
    [10, 'major', 'dominant', 8, 'own', OWN],
    [11, 'diminished', 'dominant', 0, 'own', 'the leading tone, V7b9 without its root'],
  ],
};

/** Pitches of the key above its tonic; minor has all of its three scales. */
export const SCALE_OF_MODE: Readonly<Record<Mode, readonly number[]>> = {
  major: [0, 2, 4, 5, 7, 9, 11],
  minor: [0, 2, 3, 5, 7, 8, 9, 10, 11],
};

/** Degrees a dominant may be applied to, each with what calling on it costs beside the usual ones. */
export const TARGETS: Readonly<Record<Mode, Readonly<Record<number, number>>>> = {
  major: { 2: 0, 4: 0, 5: 0, 7: 0, 9: 0, 11: 8 },
  minor: { 1: 3, 2: 8, 3: 0, 5: 0, 7: 0, 8: 0, 10: 0 },
};

/** Lower-case where the chord that stands on the degree is minor or diminished. */
export const MINOR_DEGREES: Readonly<Record<Mode, readonly number[]>> = {
  major: [2, 4, 9, 11],
  minor: [0, 2, 5],
};

export const UNEXPLAINED = 45;
/** For each tone of the chord's body that the key does not have, on a chord of the key's own. */
export const FOREIGN_TONE = 9;
export const FOREIGN_COLOUR = 3;
