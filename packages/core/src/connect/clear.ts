import type { Voicing } from '../voicing/types';
import type { ClearOf } from './types';

/** Intervals that rub when they are held, in semitones: a half step and a minor ninth. Source: common practice. */
export const RUBS: readonly number[] = [1, 13];

/** How often a voicing rubs against notes that are held. */
export const rubsIn = ({ notes }: Voicing, held: readonly number[]): number =>
  notes.reduce(
    (sum, { midi }) => sum + held.filter((other) => RUBS.includes(Math.abs(midi - other))).length,
    0,
  );

const staysBelow = ({ notes }: Voicing, ceiling: number): boolean =>
  (notes.at(-1)?.midi ?? -Infinity) <= ceiling;

/**
 * The voicings of a list that keep clear: those that rub least, and of these the ones below the ceiling
 * where there are any. Never none of a list that has some.
 */
export function clearVoicings(
  list: readonly Voicing[],
  { held, ceiling = Infinity }: ClearOf,
): readonly Voicing[] {
  const rubs = list.map((voicing) => rubsIn(voicing, held));
  const least = Math.min(...rubs);
  const kept = list.filter((_, at) => rubs[at] === least);
  const below = kept.filter((voicing) => staysBelow(voicing, ceiling));
  return below.length ? below : kept;
}
