import { SIZES } from '../data';
import type { ChangeFacts, CostTerm } from '../types';

/**
 * All voices shifting by one and the same interval: the ear hears a block slide, and no voice of its own.
 * One voice alone shifts nothing with it. Source: common practice.
 */
export const parallel: CostTerm = { id: 'parallel', label: 'Voices of their own', change: slides };

function slides({ motions, spare }: ChangeFacts): number {
  const [first] = motions;
  if (!first || spare > 0 || motions.length < 2) return 0;
  return motions.every((motion) => motion === first) ? SIZES.blockShift : 0;
}
