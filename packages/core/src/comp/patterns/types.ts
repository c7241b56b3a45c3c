import type { Feel } from '../../chart/types';

export const PATTERN_FAMILIES = [
  'four to the bar',
  'two-feel',
  'Charleston',
  'pushes',
  'answers',
  'let ring',
  'waltz',
  'bossa',
  'shuffle',
  'vamp',
] as const;
export type PatternFamily = (typeof PATTERN_FAMILIES)[number];

/** Families that live by going on the same. */
export const STEADY_FAMILIES: readonly PatternFamily[] = [
  'four to the bar',
  'two-feel',
  'bossa',
  'vamp',
];

/** From long notes left to ring, 1, to busy, 5. */
export type Density = 1 | 2 | 3 | 4 | 5;

/** A rhythm for the comping hand, of one bar or more. */
export interface Pattern {
  readonly id: string;
  /** As a player would call it. */
  readonly label: string;
  readonly family: PatternFamily;
  /** Quarter notes a bar. */
  readonly quarters: number;
  readonly density: Density;
  /** Where it is at home, the most usual first. */
  readonly feels: readonly Feel[];
  /**
   * Bar by bar, a sign for each eighth: `.` nothing, `x` a short hit, `o` one that is held, `~` one that is
   * left to ring, `-` it goes on; `X` and `O` with an accent; `>` at the end, tied over the bar line.
   */
  readonly bars: readonly string[];
}
