import { withChoice, withoutLatest, type Voicing } from '@drop-close/core';
import { tuneNow, useDocument } from '../../document/store';
import { engine } from '../../engine/client';
import { useChorusStore } from '../../engine/useChorus';
import { keepTaste, profileNow } from '../../profile/profileStore';

/** The hand on one chord, from the first voicing taken there until one is taken elsewhere. */
interface Visit {
  /** Tune, instrument and chord. */
  readonly place: string;
  turnedDown: readonly Voicing[];
  /** How many choices there were once the one made here was noted. */
  noted: number;
}

const NOTHING_NOTED = -1;

let visit: Visit | undefined;

const here = (index: number): Visit | undefined =>
  visit?.place === placeOf(index) ? visit : undefined;

const placeOf = (index: number): string =>
  `${useDocument.getState().origin?.tuneId} ${tuneNow()?.setup.instrument} ${index}`;

/** What has been turned down at a chord while the hand stays on it. */
export const turnedDownAt = (index: number): readonly Voicing[] => here(index)?.turnedDown ?? [];

/**
 * Notes that a voicing was taken at a chord, beside the others there were: what taste is learned from. Whoever
 * goes on looking at the same chord has made one choice, the last. To be called before the voicing is
 * locked, while the chorus is still the one the player chose in.
 * @param turnedDown voicings refused in favour of this one; those it is then told beside
 */
export function noteChoice(
  index: number,
  voicing: Voicing,
  turnedDown: readonly Voicing[] = turnedDownAt(index),
): void {
  const current = here(index) ?? { place: placeOf(index), turnedDown, noted: NOTHING_NOTED };
  current.turnedDown = turnedDown;
  visit = current;
  const { chorus } = useChorusStore.getState();
  if (!chorus || !profileNow().taste.learning) return;
  void engine.tasteChoice(chorus.id, index, voicing, turnedDown).then((choice) => {
    if (!choice) return;
    const { taste } = profileNow();
    // Answers come in the order of the questions, also after the hand has gone on.
    const revised = taste.choices.length === current.noted;
    const kept = withChoice(revised ? withoutLatest(taste) : taste, choice);
    keepTaste(kept);
    current.noted = kept.choices.length;
  });
}
