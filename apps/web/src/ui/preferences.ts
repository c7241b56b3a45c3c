import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from './safeStorage';

/** How many landmarks are drawn over the bars, one above the other. */
export type Brackets = 'none' | 'few' | 'all';
export type Lens = 'symbols' | 'numbers' | 'both';
/** How the one who reads the chart reads: their instrument's key, or the bass clef. */
export type Reader = 'concert' | 'B♭' | 'E♭' | 'bass clef';

/** What each reader's part is written above concert pitch, in semitones. */
export const WRITTEN_ABOVE: Readonly<Record<Reader, number>> = {
  concert: 0,
  'B♭': 2,
  'E♭': 9,
  'bass clef': 0,
};

/** How the chart is looked at in this browser; how things are written is in the profile. */
export interface Preferences {
  readonly lens: Lens;
  readonly reader: Reader;
  readonly brackets: Brackets;
  /** Whether the guide tones lie under the bars of the chart. */
  readonly guideThreads: boolean;
}

export const defaultPreferences: Preferences = {
  lens: 'both',
  reader: 'concert',
  brackets: 'all',
  guideThreads: true,
};

/** Kept in this browser. */
export const usePreferences = create<Preferences>()(
  persist(() => defaultPreferences, { name: 'drop-close preferences', storage: safeStorage() }),
);
