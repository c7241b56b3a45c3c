import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/** Each voice that enters or ends where one voicing has more of them than the next. */
export const voices: CostTerm = {
  id: 'voices',
  label: 'Same number of voices',
  spare: SIZES.spareVoice,
};
