import type { PlayedBar } from '../../chart/playOrder';
import { inTicks } from './time';

/**
 * The bar in which a moment lies, or the last one after the end.
 * @param moment in ticks from the beginning of bar 1
 * @returns `undefined` before the first bar
 */
export function barUnder(bars: readonly PlayedBar[], moment: number): PlayedBar | undefined {
  let [low, high] = [-1, bars.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (inTicks(bars[middle]!.at) <= moment) low = middle;
    else high = middle - 1;
  }
  return bars[low];
}
