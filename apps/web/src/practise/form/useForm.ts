import {
  itemKey,
  strengthOf,
  type FormItem,
  type InstrumentId,
  type Strength,
} from '@drop-close/core';
import { useNow } from '../base/useNow';
import { usePractisedTempo } from '../items/usePractisedTempo';
import { usePractised } from '../items/usePractice';

/** What a form that is new begins at, in quarter notes a minute. */
const SLOW = 60;
/** Two chords a bar at this tempo are as fast as they are comped. Source: common practice. */
export const GOAL = 160;

/** The tempo a form is practised in, in quarter notes a minute. */
export const useFormTempo = (item: FormItem): number => usePractisedTempo(item, SLOW, GOAL);

/** The strings a form lies on: those the player has set, or a guitar's. */
export const neckOf = (instrument: InstrumentId): Exclude<InstrumentId, 'keyboard'> =>
  instrument === 'keyboard' ? 'guitar' : instrument;

/** How well a form is known now. */
export function useStrength(item: FormItem): Strength {
  const { known } = usePractised();
  const now = useNow();
  return strengthOf(known.find((each) => itemKey(each.item) === itemKey(item))?.schedule, now);
}
