import type { Voicing } from './types';

/** The lowest fretted note's fret; 0 for open grips and on keys. */
export function lowestFret({ notes }: Voicing): number {
  let lowest = Infinity;
  for (const { fret = 0 } of notes) if (fret > 0 && fret < lowest) lowest = fret;
  return lowest === Infinity ? 0 : lowest;
}
