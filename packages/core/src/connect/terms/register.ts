import { middleOf } from '../base/middle';
import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/** How far the mean pitch lies outside the centre of the room's window. */
export const register: CostTerm = {
  id: 'register',
  label: 'Stay in the register',
  sound: ({ voicing, settings }) => {
    const mean = middleOf(voicing);
    if (mean === undefined) return 0;
    const { low, high } = settings.room.centre;
    return Math.round(Math.max(0, low - mean, mean - high) * SIZES.offCentreSemitone);
  },
};
