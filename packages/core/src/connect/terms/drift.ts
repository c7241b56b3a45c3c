import { middleOf } from '../base/middle';
import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/**
 * A gentle pull to the middle of the room's centre, everywhere: a chorus that has drifted away comes back
 * by itself, as soon as that costs less than staying out there for the rest of it.
 */
export const drift: CostTerm = {
  id: 'drift',
  label: 'Return to the centre of the register',
  sound: ({ voicing, settings }) => {
    const mean = middleOf(voicing);
    if (mean === undefined) return 0;
    const { low, high } = settings.room.centre;
    return Math.round(Math.abs(mean - (low + high) / 2) * SIZES.driftSemitone);
  },
};
