import type { PitchRange } from './types';

/** Something in a setting that cannot be. */
export interface SettingProblem {
  /** Path to the field, as `hand.limitMm`. */
  readonly path: string;
  /** For the player, a sentence. */
  readonly message: string;
}

export type Check = SettingProblem | undefined;

export const problemsAmong = (checks: readonly Check[]): SettingProblem[] =>
  checks.filter((check) => check !== undefined);

export function within(
  path: string,
  value: number,
  { low, high }: PitchRange,
  what: string,
): Check {
  if (Number.isFinite(value) && value >= low && value <= high) return undefined;
  return { path, message: `${what} from ${low} to ${high}; this says ${value}.` };
}

/** What instruments and rooms may be, both ends included. */
export const LIMITS = {
  strings: { low: 4, high: 8 },
  frets: { low: 1, high: 36 },
  scaleLengthMm: { low: 300, high: 900 },
  stringSpacingMm: { low: 5, high: 20 },
  handMm: { low: 10, high: 250 },
  reach: { low: 12, high: 17 },
  mostNotes: { low: 2, high: 8 },
  pitch: { low: 0, high: 127 },
} as const;
