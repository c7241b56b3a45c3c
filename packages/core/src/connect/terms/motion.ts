import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

const OCTAVE = 12;

/**
 * Sum of |Δ| of the matched voices, in semitones: the motion that is shown in figures. Where the whole hand
 * moves an octave, that counts in full.
 */
export const motion: CostTerm = {
  id: 'motion',
  label: 'Smoothness',
  voice: ({ step }) => Math.abs(step) * SIZES.semitone,
  octaveVoice: OCTAVE * SIZES.semitone,
};
