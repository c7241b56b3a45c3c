import { SIZES, WIDEST_STEP } from '../data';
import type { CostTerm } from '../types';

/** What a voice leaps beyond a third, twice in the top voice. */
export const leaps: CostTerm = {
  id: 'leaps',
  label: 'No leaps',
  change: ({ motions }) => {
    let cost = 0;
    motions.forEach((step, index) => {
      const beyond = Math.max(0, Math.abs(step) - WIDEST_STEP) * SIZES.leapSemitone;
      cost += index === motions.length - 1 ? 2 * beyond : beyond;
    });
    return cost;
  },
};
