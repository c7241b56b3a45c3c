import { SIZES } from '../data';
import type { CostTerm } from '../types';

/** Sum of |Δ| of the matched voices, the top voice weighted; a spare voice costs a fixed entry. */
export const motion: CostTerm = {
  id: 'motion',
  label: 'Smoothness',
  change: ({ motions, spare }) => {
    let semitones = 0;
    for (const step of motions) semitones += Math.abs(step);
    const top = Math.abs(motions[motions.length - 1] ?? 0);
    return semitones * SIZES.semitone + top * SIZES.topSemitone + spare * SIZES.spareVoice;
  },
};
