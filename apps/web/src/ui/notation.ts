import {
  SYMBOL_STYLES,
  plainSpelling,
  prettyNote,
  styleSymbol,
  type NoteName,
} from '@drop-close/core';
import { useMemo } from 'react';
import { usePreferences, type Preferences } from './preferences';

/** Notes and symbols as the player likes them written. */
export interface Notation {
  readonly note: (name: NoteName) => string;
  readonly symbol: (symbol: string) => string;
}

export function notationOf({ symbols, notes, plain }: Preferences): Notation {
  return {
    note: (name) => prettyNote(plain ? plainSpelling(name) : name, notes),
    symbol: (symbol) =>
      symbols === 'as typed' ? symbol : styleSymbol(symbol, SYMBOL_STYLES[symbols]),
  };
}

export function useNotation(): Notation {
  const preferences = usePreferences();
  return useMemo(() => notationOf(preferences), [preferences]);
}

/** Numbers and degrees with real accidentals: `bVII7` is "♭VII7", `subV7/bVI` is "subV7/♭VI". */
export const prettyNumber = (text: string): string =>
  text.replace(/(?<![a-z])b(?=[IViv\d])/g, '♭').replaceAll('#', '♯');

/** Names of keys and scales: `Eb Mixolydian b9` is "E♭ Mixolydian ♭9". */
export const prettyName = (text: string): string =>
  text
    .replace(/\b([A-G])b(?=\s|$)/g, '$1♭')
    .replace(/\b([A-G])#(?=\s|$)/g, '$1♯')
    .replace(/b(?=\d)/g, '♭')
    .replace(/#(?=\d)/g, '♯');
