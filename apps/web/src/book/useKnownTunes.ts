import { knownByTune } from '@drop-close/core';
import { createContext, useContext, useMemo } from 'react';
import { usePractised } from '../practise/items/usePractice';
import { endOfDay } from '../practise/localDay';
import { useNow } from '../practise/useNow';
import type { KnownTunes } from './filters';

/** What is known of each tune, reckoned once for the whole list. */
export const KnownTunesContext = createContext<KnownTunes>(new Map());

export const useKnownTune = (tuneId: string) => useContext(KnownTunesContext).get(tuneId);

export function useKnownTunes(): KnownTunes {
  const { known } = usePractised();
  const now = useNow();
  return useMemo(() => knownByTune(known, now, endOfDay(now)), [known, now]);
}
