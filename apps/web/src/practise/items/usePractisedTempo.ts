import { itemKey, nextTempo, type Grade, type PracticeItem } from '@drop-close/core';
import { useTempoPlayed } from './tempoPlayed';
import { usePractised } from './usePractice';

const CLEAN: readonly Grade[] = ['good', 'easy'];

/**
 * The tempo an item is practised in, in quarter notes a minute: this visit's, else what follows from the last time.
 * @param first where it was never played
 */
export function usePractisedTempo(item: PracticeItem, first: number, goal: number): number {
  const { known } = usePractised();
  const here = useTempoPlayed(item);
  if (here !== undefined) return here;
  const schedule = known.find((each) => itemKey(each.item) === itemKey(item))?.schedule;
  if (schedule?.tempo === undefined) return first;
  return nextTempo(schedule.tempo, CLEAN.includes(schedule.grade), goal);
}
