import {
  itemKey,
  nextTempo,
  strengthOf,
  type FormItem,
  type Grade,
  type Strength,
} from '@drop-close/core';
import { useNow } from '../useNow';
import { usePractised } from '../items/usePractice';
import { useTempoPlayed } from '../tune/tempoPlayed';

/** What a form that is new begins at, in quarter notes a minute. */
const SLOW = 60;
/** Two chords a bar at this tempo are as fast as they are comped. Source: common practice. */
export const GOAL = 160;
const CLEAN: readonly Grade[] = ['good', 'easy'];

/** The tempo a form is practised in: this visit's, else what follows from the last time, else slow. */
export function useFormTempo(item: FormItem): number {
  const { known } = usePractised();
  const here = useTempoPlayed(item);
  if (here !== undefined) return here;
  const schedule = known.find((each) => itemKey(each.item) === itemKey(item))?.schedule;
  if (schedule?.tempo === undefined) return SLOW;
  return nextTempo(schedule.tempo, CLEAN.includes(schedule.grade), GOAL);
}

/** How well a form is known now. */
export function useStrength(item: FormItem): Strength {
  const { known } = usePractised();
  const now = useNow();
  return strengthOf(known.find((each) => itemKey(each.item) === itemKey(item))?.schedule, now);
}
