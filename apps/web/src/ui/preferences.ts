import type { NoteNaming, School } from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export type SymbolWriting = 'as typed' | 'letters' | 'signs';
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

/** How a player likes things written. */
export interface Preferences {
  readonly symbols: SymbolWriting;
  readonly notes: NoteNaming;
  /** Plain spelling for readouts; strict keeps every double accidental. */
  readonly plain: boolean;
  readonly school: School;
  readonly lens: Lens;
  readonly reader: Reader;
  readonly brackets: Brackets;
}

export const defaultPreferences: Preferences = {
  symbols: 'as typed',
  notes: 'letters',
  plain: true,
  school: 'by function',
  lens: 'both',
  reader: 'concert',
  brackets: 'all',
};

/** Kept in this browser. */
export const usePreferences = create<Preferences>()(
  persist(() => defaultPreferences, { name: 'drop-close preferences' }),
);
