import type { Grade } from './types';

/** What was measured of a pass or of the answers of a drill; what was not is left out. */
export interface Measured {
  /** The share of notes or answers that were right, 0..1. */
  readonly right: number;
  /** What an answer took, over what is usual for its kind. */
  readonly slowness?: number;
  /** Half steps played over the least possible; 1 is the nearest way. */
  readonly detour?: number;
  /** How much the time of what was played varied, over what is usual. */
  readonly looseness?: number;
}

/** Below it, it was not known. */
const KNOWN = 0.8;
/** From here on it counts as clean: one slip in twenty. */
const CLEAN = 0.95;
const SLOW = 2;
const FAR = 1.5;
const LOOSE = 2;

/**
 * The grade a measurement stands for: `again` with less than four in five right; `hard` where it was not clean, took
 * twice the usual time, went half as far again or was twice as loose as usual; `easy` with all right, at once, the nearest
 * way and in time; else `good`.
 * Source: our own rule, told in docs/practice.md.
 * @example gradeOf({ right: 1 }) // 'easy'
 */
export function gradeOf({ right, slowness = 1, detour = 1, looseness = 1 }: Measured): Grade {
  if (right < KNOWN) return 'again';
  if (right < CLEAN || slowness > SLOW || detour > FAR || looseness > LOOSE) return 'hard';
  return right === 1 && slowness <= 1 && detour <= 1 && looseness <= 1 ? 'easy' : 'good';
}

const SLOWEST = 30;
const UP = 1.05;
const DOWN = 0.92;

/**
 * The tempo of the next pass, in quarter notes a minute: a twentieth more after a clean one, up to the goal, and about
 * a twelfth less after one that was not. Source: common practice.
 * @example nextTempo(100, true, 140) // 105
 */
export function nextTempo(tempo: number, clean: boolean, goal: number): number {
  const next = clean ? Math.max(tempo + 1, Math.round(tempo * UP)) : Math.round(tempo * DOWN);
  return Math.max(SLOWEST, clean ? Math.min(next, Math.max(goal, tempo)) : next);
}
