import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/**
 * All voices shifting by one and the same interval: the ear hears a block slide, and no voice of its own.
 * One voice alone shifts nothing with it. Source: common practice.
 */
export const parallel: CostTerm = {
  id: 'parallel',
  label: 'Voices move independently',
  block: SIZES.blockShift,
};
