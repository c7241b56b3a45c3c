import { spellFrom } from '../pitch/spelling';

export const CYCLES = ['circle of fourths', 'diatonic fourths', 'diatonic fifths'] as const;
export type Cycle = (typeof CYCLES)[number];

/** Through all keys: each root a fourth above the one before. Source: common practice. */
const CIRCLE = ['C', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb', 'B', 'E', 'A', 'D', 'G'] as const;

/** Kinds of chord that are taken round the circle, as a symbol's ending. */
export const CIRCLE_KINDS = ['maj7', '7', 'm7', 'm7b5', 'dim7', '6', 'm6', '', 'm'] as const;
export type CircleKind = (typeof CIRCLE_KINDS)[number];

interface ScaleDegree {
  readonly letters: number;
  readonly semitones: number;
  readonly seventh: string;
  readonly triad: string;
}

const degree = (
  letters: number,
  semitones: number,
  seventh: string,
  triad: string,
): ScaleDegree => ({
  letters,
  semitones,
  seventh,
  triad,
});

/**
 * The chords of a key, from I up. Minor is natural minor with the dominant seventh on V. Columns: letters
 * and semitones above the tonic, the seventh chord, the triad. Source: common practice.
 */
const SCALES: Readonly<Record<'major' | 'minor', readonly ScaleDegree[]>> = {
  major: [
    degree(0, 0, 'maj7', ''),
    degree(1, 2, 'm7', 'm'),
    degree(2, 4, 'm7', 'm'),
    degree(3, 5, 'maj7', ''),
    degree(4, 7, '7', ''),
    degree(5, 9, 'm7', 'm'),
    degree(6, 11, 'm7b5', 'dim'),
  ],
  minor: [
    degree(0, 0, 'm7', 'm'),
    degree(1, 2, 'm7b5', 'dim'),
    degree(2, 3, 'maj7', ''),
    degree(3, 5, 'm7', 'm'),
    degree(4, 7, '7', ''),
    degree(5, 8, 'maj7', ''),
    degree(6, 10, '7', ''),
  ],
};

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
  const minor = key.endsWith('m');
  const tonic = minor ? key.slice(0, -1) : key;
  const scale = SCALES[minor ? 'minor' : 'major'];
  return scale.map((_, position) => {
    const { letters, semitones, seventh, triad } = scale[(position * STEPS[cycle]) % scale.length]!;
    return `${spellFrom(tonic, letters, semitones)}${triads ? triad : seventh}`;
  });
}
