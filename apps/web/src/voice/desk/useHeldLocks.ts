import { heldLocks, type HeldLocks } from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../../document/store';
import { useChorus } from '../../engine/useChorus';
import { useProfile } from '../../profile/profileStore';

const NO_LOCKS: HeldLocks = { held: [], fallen: [] };

/** Which locks hold at the chords of the chorus as they are now, and how they are played there. */
export function useHeldLocks(): HeldLocks {
  const { setup } = useTune();
  const profile = useProfile();
  const timeline = useChorus()?.timeline;
  return useMemo(() => {
    if (!timeline) return NO_LOCKS;
    const chords = timeline.events.map(({ chord }) => chord);
    return heldLocks(setup, chords, profile);
  }, [setup, profile, timeline]);
}
