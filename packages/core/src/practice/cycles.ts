import { diatonicChords } from '../analysis/diatonic';

export const CYCLES = ['circle of fourths', 'diatonic fourths', 'diatonic fifths'] as const;
export type Cycle = (typeof CYCLES)[number];

/** Through all keys: each root a fourth above the one before. Source: common practice. */
const CIRCLE = ['C', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb', 'B', 'E', 'A', 'D', 'G'] as const;

/** Kinds of chord that are taken round the circle, as a symbol's ending. */
export const CIRCLE_KINDS = ['maj7', '7', 'm7', 'm7b5', 'dim7', '6', 'm6', '', 'm'] as const;
export type CircleKind = (typeof CIRCLE_KINDS)[number];

/** Roots a fourth apart are three steps of the scale apart, a fifth four. */
const STEPS = { 'diatonic fourths': 3, 'diatonic fifths': 4 } as const;

/** The symbols of one round through all keys. */
export const circleSymbols = (kind: CircleKind): string[] => CIRCLE.map((root) => `${root}${kind}`);

/**
 * The symbols of one round through the chords of a key, from I until V or IV leads back to it.
 * @param key `Eb` or `Cm`
 * @example diatonicSymbols('C', 'diatonic fourths', false) // ['Cmaj7', 'Fmaj7', 'Bm7b5', 'Em7', 'Am7', 'Dm7', 'G7']
 */
export function diatonicSymbols(
  key: string,
  cycle: Exclude<Cycle, 'circle of fourths'>,
  triads: boolean,
): string[] {
  const scale = diatonicChords(key);
  return scale.map((_, position) => {
    const { root, seventh, triad } = scale[(position * STEPS[cycle]) % scale.length]!;
    return `${root}${triads ? triad : seventh}`;
  });
}
