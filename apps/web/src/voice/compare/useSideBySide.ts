import type { Arrangement } from '@drop-close/core';
import type { VoicedChorus } from '../../engine/protocol';
import { play } from '../../playback/player';
import { useHeading } from '../../place/heading';
import { sideBySidePlan } from './sideBySide';

/** Hears one arrangement, or two one after the other, from a bar on. */
export function useSideBySide(fromBar: number) {
  const { feel, tempo, meter } = useHeading();
  return {
    hear: (choruses: readonly VoicedChorus[], { instrument }: Arrangement): void => {
      const plan = sideBySidePlan(choruses, fromBar, { feel, tempo });
      void play({ what: 'voice', plan, tempo, meter, instrument });
    },
  };
}
