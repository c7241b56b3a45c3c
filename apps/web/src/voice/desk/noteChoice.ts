import { withChoice, withoutLatest, type Voicing } from '@drop-close/core';
import { tuneNow, useDocument } from '../../document/store';
import { engine } from '../../engine/client';
import { useChorusStore } from '../../engine/useChorus';
import { keepTaste, profileNow } from '../../profile/profileStore';

/** The chord a voicing was last taken at, and what has been turned down there since it was come to. */
interface Considered {
  /** Tune, instrument and chord. */
  readonly place: string;
  readonly turnedDown: readonly Voicing[];
  /** How many choices there were after it was noted. */
  readonly noted: number;
}

let considered: Considered | undefined;

const here = (index: number): Considered | undefined =>
  considered?.place === placeOf(index) ? considered : undefined;

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
  const before = here(index);
  const place = placeOf(index);
  considered = { place, turnedDown, noted: before?.noted ?? NOTHING_NOTED };
  const { chorus } = useChorusStore.getState();
  if (!chorus || !profileNow().taste.learning) return;
  void engine.tasteChoice(chorus.id, index, voicing, turnedDown).then((choice) => {
    if (!choice) return;
    const { taste } = profileNow();
    // Read now: an earlier choice here may have been noted since this one was asked for.
    const noted = considered?.place === place ? considered.noted : before?.noted;
    const revised = taste.choices.length === noted;
    const kept = withChoice(revised ? withoutLatest(taste) : taste, choice);
    keepTaste(kept);
    if (considered?.place === place) {
      considered = { ...considered, noted: kept.choices.length };
    }
  });
}

const NOTHING_NOTED = -1;
