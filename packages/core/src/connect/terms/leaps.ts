import { SIZES, WIDEST_STEP } from '../base/data';
import type { CostTerm } from '../base/types';

/**
 * What a voice leaps beyond a third, twice in the top voice. From one phrase to the next the whole hand
 * may move an octave for a fixed price instead.
 */
export const leaps: CostTerm = {
  id: 'leaps',
  label: 'Avoid leaps',
  voice: ({ step, top }) => {
    const beyond = Math.max(0, Math.abs(step) - WIDEST_STEP) * SIZES.leapSemitone;
    return top ? 2 * beyond : beyond;
  },
  octave: SIZES.octaveMoved,
};
