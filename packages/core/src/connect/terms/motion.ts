import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/** Sum of |Δ| of the matched voices, the top voice weighted; a spare voice costs a fixed entry. */
export const motion: CostTerm = {
  id: 'motion',
  label: 'Smoothness',
  voice: ({ step, top }) =>
    Math.abs(step) * (top ? SIZES.semitone + SIZES.topSemitone : SIZES.semitone),
  spare: SIZES.spareVoice,
};
