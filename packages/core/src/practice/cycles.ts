import { diatonicChords } from '../analysis/diatonic';

export const CYCLES = [
  'circle of fourths',
  'diatonic fourths',
  'diatonic fifths',
  'steps',
  'ii–V–I',
] as const;
export type Cycle = (typeof CYCLES)[number];

/** Through all keys: each root a fourth above the one before. Source: common practice. */
const CIRCLE = ['C', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb', 'B', 'E', 'A', 'D', 'G'] as const;

/** Kinds of chord that are taken round the circle, as a symbol's ending. */
export const CIRCLE_KINDS = [
  'maj7',
  '7',
  'm7',
  'm7b5',
  'dim7',
  '6',
  'm6',
  'mMaj7',
  '',
  'm',
] as const;
export type CircleKind = (typeof CIRCLE_KINDS)[number];

/** Roots a fourth apart are three steps of the scale apart, a fifth four. */
const STEPS = { 'diatonic fourths': 3, 'diatonic fifths': 4, steps: 1 } as const;

/** What a ii–V–I is made of, as diatonic degrees and how their symbols go on. Source: common practice. */
const TWO_FIVE_ONE = {
  major: [
    [1, 'm7'],
    [4, '7'],
    [0, 'maj7'],
  ],
  minor: [
    [1, 'm7b5'],
    [4, '7b9'],
    [0, 'm7'],
  ],
} as const;

export interface CycleChoice {
  readonly cycle: Cycle;
  /** What is taken round the circle of fourths. */
  readonly kind: CircleKind;
  /** The key of a diatonic cycle, `Eb` or `Cm`; a ii–V–I is of its mode, and begins in it. */
  readonly key: string;
  /** Diatonic triads in place of sevenths. */
  readonly triads: boolean;
}

/** The chords of one round, and how many of them stand in each bar. */
export interface CycleChords {
  readonly symbols: readonly string[];
  readonly bars: readonly number[];
}

/**
 * One round of a cycle. Through a circle or a key it ends on the chord it began with; steps go up and back; a
 * ii–V–I goes round all keys by fourths.
 * @example cycleChords({ cycle: 'steps', key: 'C', triads: true, kind: '' }).symbols.length // 15
 */
export function cycleChords(choice: CycleChoice): CycleChords {
  switch (choice.cycle) {
    case 'circle of fourths':
      return byTwos([...CIRCLE, CIRCLE[0]].map((root) => `${root}${choice.kind}`));
    case 'ii–V–I':
      return twoFiveOnes(choice.key);
    case 'steps': {
      const up = throughKey(choice, choice.cycle);
      return byTwos([...up, ...up.slice(0, -1).reverse()]);
    }
    default:
      return byTwos(throughKey(choice, choice.cycle));
  }
}

/** Two chords a bar; one that is left over has a bar of its own. */
const byTwos = (symbols: readonly string[]): CycleChords => ({
  symbols,
  bars: Array.from({ length: Math.ceil(symbols.length / 2) }, (_, bar) =>
    Math.min(2, symbols.length - 2 * bar),
  ),
});

/** From I through all chords of the key until I again. */
function throughKey({ key, triads }: CycleChoice, cycle: keyof typeof STEPS): string[] {
  const scale = diatonicChords(key);
  return Array.from({ length: scale.length + 1 }, (_, position) => {
    const { root, seventh, triad } = scale[(position * STEPS[cycle]) % scale.length]!;
    return `${root}${triads ? triad : seventh}`;
  });
}

function twoFiveOnes(key: string): CycleChords {
  const minor = key.endsWith('m');
  const tonic = minor ? key.slice(0, -1) : key;
  const from = Math.max(
    0,
    CIRCLE.findIndex((root) => root === tonic),
  );
  const keys = CIRCLE.map((_, at) => CIRCLE[(from + at) % CIRCLE.length]!);
  const parts = TWO_FIVE_ONE[minor ? 'minor' : 'major'];
  const symbols = keys.flatMap((name) => {
    const scale = diatonicChords(minor ? `${name}m` : name);
    return parts.map(([degree, ending]) => `${scale[degree]!.root}${ending}`);
  });
  return { symbols, bars: keys.flatMap(() => [2, 1]) };
}
