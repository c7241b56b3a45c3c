import { SIZES, WIDEST_STEP } from '../base/data';
import type { CostTerm } from '../base/types';

const OCTAVE = 12;

/** What the top voice moves, once more, and each leap of it: the ear follows it. */
export const top: CostTerm = {
  id: 'top',
  label: 'Calm top voice',
  voice: ({ step, top: isTop }) => {
    if (!isTop) return 0;
    const size = Math.abs(step);
    return size * SIZES.topSemitone + (size > WIDEST_STEP ? SIZES.topLeapt : 0);
  },
  octave: OCTAVE * SIZES.topSemitone + SIZES.topLeapt,
};
