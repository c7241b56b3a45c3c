import type { HarmonicFunction } from '@drop-close/core';
import type { SystemLayout } from '../../voice/threads/threadLayout';

/** How far from home each function is, in steps; a passing chord lies between its neighbours. */
export const FUNCTION_STEPS = ['tonic', 'predominant', 'dominant'] as const;
type Step = (typeof FUNCTION_STEPS)[number];

const isStep = (name: HarmonicFunction | undefined): name is Step =>
  name !== undefined && name !== 'passing';

/**
 * How far from home each chord of a chorus is, 0..2.
 * @param functions chord by chord; missing under N.C.
 * @returns missing under N.C.; what passes lies half way between what it stands between, or where its one neighbour is
 */
export function stepsFromHome(
  functions: readonly (HarmonicFunction | undefined)[],
): (number | undefined)[] {
  const own = functions.map((name) => (isStep(name) ? FUNCTION_STEPS.indexOf(name) : undefined));
  return functions.map((name, at) => {
    if (name !== 'passing') return own[at];
    const before = own.slice(0, at).findLast((step) => step !== undefined);
    const after = own.slice(at).find((step) => step !== undefined);
    const [from = 0, to = 0] = [before ?? after, after ?? before];
    return (from + to) / 2;
  });
}

export interface FunctionHead {
  /** Position of the chord in the chorus. */
  readonly index: number;
  readonly x: number;
  /** Where the next chord of the system begins, or the system ends. */
  readonly until: number;
  readonly step: number;
}

/** The chords of a system that have a function, from left to right. */
export function functionHeads(
  { chords, bars }: SystemLayout,
  steps: readonly (number | undefined)[],
): FunctionHead[] {
  const last = bars.at(-1);
  const end = last ? last.x + last.width : 0;
  return chords.flatMap(({ index, x }, at) => {
    const step = steps[index];
    return step === undefined ? [] : [{ index, x, step, until: chords[at + 1]?.x ?? end }];
  });
}
