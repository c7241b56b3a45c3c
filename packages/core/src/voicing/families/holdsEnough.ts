import type { Degree } from '../../chord/degrees';
import type { ToneChoice } from './family';

/** Whether a set of tones holds all that a choice asks for. */
export function holdsEnough(
  { guideTones, mayMiss, demands }: ToneChoice,
  set: readonly Degree[],
): boolean {
  const missed = guideTones.filter((degree) => !set.includes(degree)).length;
  return missed <= mayMiss && demands.every((any) => any.some((degree) => set.includes(degree)));
}
