import { pitchClassOf, type NoteName } from '../../pitch/spelling';
import { LINE_OF_FIFTHS, sharpsOf } from '../../pitch/interval';
import { pitchClass, type PitchClass } from '../../base/units';

export type Mode = 'major' | 'minor';

export interface Key {
  readonly tonic: PitchClass;
  readonly mode: Mode;
}

/**
 * All keys, the major ones first, each upwards from a pitch. Where two keys explain a chart equally well
 * the earlier is taken; counting from the first root makes that the same in every transposition.
 */
export const keysFrom = (pitch: PitchClass): readonly Key[] =>
  (['major', 'minor'] as const).flatMap((mode) =>
    Array.from({ length: 12 }, (_, step) => ({ tonic: pitchClass(pitch + step), mode })),
  );

export const isSameKey = (a: Key, b: Key): boolean => a.tonic === b.tonic && a.mode === b.mode;

/**
 * Tonics with the fewest accidentals, by pitch class; F# and Gb major, Eb and D# minor are level and
 * the flat one is taken unless the music is written in sharps. Source: common practice.
 */
const TONICS: Readonly<Record<Mode, readonly NoteName[]>> = {
  major: ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'],
  minor: ['C', 'C#', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'G#', 'A', 'Bb', 'B'],
};
const IN_SHARPS: Readonly<Record<Mode, Readonly<Record<number, NoteName>>>> = {
  major: { 6: 'F#' },
  minor: { 3: 'D#' },
};

/**
 * The name of a tonic that gives the key with the fewest accidentals.
 * @example tonicName({ tonic: 1, mode: 'major' }, false) // 'Db'
 * @example tonicName({ tonic: 6, mode: 'major' }, true) // 'F#'
 */
export const tonicName = ({ tonic, mode }: Key, sharps: boolean): NoteName =>
  (sharps ? IN_SHARPS[mode][tonic] : undefined) ?? TONICS[mode][tonic]!;

/** @example signatureOf('A', 'minor') // 0 */
export const signatureOf = (tonic: NoteName, mode: Mode): number =>
  sharpsOf(tonic) - (mode === 'minor' ? 3 : 0);

/**
 * The note of a letter as the signature of a key has it.
 * @param key in the short form of a header
 * @example noteInKey('B', 'F') // 'Bb'
 * @example noteInKey('F', 'Em') // 'F#'
 */
export function noteInKey(letter: string, key: string): NoteName {
  const { name, mode } = keyOf(key);
  const sharps = signatureOf(name, mode);
  const place = LINE_OF_FIFTHS.indexOf(letter);
  if (sharps > 0) return place < sharps ? `${letter}#` : letter;
  return LINE_OF_FIFTHS.length - 1 - place < -sharps ? `${letter}b` : letter;
}

/** Reads the short form of a header, `Eb` or `F#m`. */
export function keyOf(short: string): Key & { readonly name: NoteName } {
  const minor = short.endsWith('m');
  const name = minor ? short.slice(0, -1) : short;
  return { tonic: pitchClassOf(name), mode: minor ? 'minor' : 'major', name };
}

/** Semitones above the tonic: minor has both its sevenths. */
const STEPS: Readonly<Record<Mode, readonly number[]>> = {
  major: [0, 2, 4, 5, 7, 9, 11],
  minor: [0, 2, 3, 5, 7, 8, 10, 11],
};

const pitchesOn = (mode: Mode): readonly ReadonlySet<number>[] =>
  Array.from(
    { length: 12 },
    (_, tonic) => new Set(STEPS[mode].map((step) => pitchClass(tonic + step))),
  );
const PITCHES: Readonly<Record<Mode, readonly ReadonlySet<number>[]>> = {
  major: pitchesOn('major'),
  minor: pitchesOn('minor'),
};

/** The notes a key has of its own, as pitch classes. */
export const keyPitches = ({ tonic, mode }: Key): ReadonlySet<number> => PITCHES[mode][tonic]!;

/** How far apart two keys lie on the circle of fifths, 0 (relative or same) to 6. */
export function keyDistance(a: Key, b: Key): number {
  const around = (key: Key): number => pitchClass((key.tonic + (key.mode === 'minor' ? 3 : 0)) * 7);
  const apart = Math.abs(around(a) - around(b));
  return Math.min(apart, 12 - apart);
}
