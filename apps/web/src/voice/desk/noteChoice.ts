import { withChoice, type Voicing } from '@drop-close/core';
import { engine } from '../../engine/client';
import { useChorusStore } from '../../engine/useChorus';
import { keepTaste, profileNow } from '../../profile/profileStore';

/**
 * Notes that a voicing was taken at a chord, beside the others there were: what taste is learned from. To be
 * called before the voicing is locked, while the chorus is still the one the player chose in.
 */
export function noteChoice(index: number, voicing: Voicing): void {
  const { chorus } = useChorusStore.getState();
  if (!chorus || !profileNow().taste.learning) return;
  void engine.tasteChoice(chorus.id, index, voicing).then((choice) => {
    if (choice) keepTaste(withChoice(profileNow().taste, choice));
  });
}
