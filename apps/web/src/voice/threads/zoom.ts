import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../../ui/safeStorage';

/** How near one looks at the threads. */
export interface Zoom {
  readonly label: string;
  /** Bars a system holds. */
  readonly bars: number;
  /** Whether grips stand under the chords. */
  readonly grips: boolean;
  /** A system's threads are about so high, in pixels, and a half step is never less or more. */
  readonly height: number;
  readonly least: number;
  readonly most: number;
}

/** From near to far. Four bars a system is as players read. */
export const zooms: readonly Zoom[] = [
  { label: '2 bars', bars: 2, grips: true, height: 260, least: 6, most: 11 },
  { label: '4 bars', bars: 4, grips: true, height: 150, least: 3.4, most: 6 },
  { label: '8 bars', bars: 8, grips: false, height: 110, least: 2.6, most: 4.5 },
  { label: 'Whole form', bars: 16, grips: false, height: 80, least: 2, most: 3.4 },
];

export const DEFAULT_ZOOM = 1;

/** Kept in this browser. */
export const useZoom = create<{ readonly level: number }>()(
  persist(() => ({ level: DEFAULT_ZOOM }), { name: 'drop-close zoom', storage: safeStorage() }),
);

/** A bar with grips is no narrower, in pixels: its symbols would lie on one another. */
const NARROWEST_BAR = 110;

/** How near one looks where there is so much room; on a phone fewer bars stand on one line. */
export function zoomAt(level: number, width = Infinity): Zoom {
  const chosen = zooms[level] ?? zooms[DEFAULT_ZOOM]!;
  const isNarrow = chosen.grips && width > 0 && width / chosen.bars < NARROWEST_BAR;
  return isNarrow ? zooms[0]! : chosen;
}

/** One step nearer (-1) or farther (1). */
export const zoomBy = (steps: 1 | -1): void => {
  useZoom.setState(({ level }) => ({
    level: Math.min(zooms.length - 1, Math.max(0, level + steps)),
  }));
};
