import { knownByTune } from '@drop-close/core';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { endOfDay } from '../practise/base/localDay';
import { useNow } from '../practise/base/useNow';
import { usePractised } from '../practise/items/usePractice';
import type { KnownTunes as Known } from './filters';

const KnownTunesContext = createContext<Known>(new Map());

/** What is known of each tune. */
export const useKnownTunes = (): Known => useContext(KnownTunesContext);

/**
 * Reckons what is known of each tune, once for the whole list. It comes later than the tunes: only what shows it is drawn
 * anew, and what is being dragged is not disturbed.
 */
export function KnownTunes({ children }: { children: ReactNode }) {
  const { known } = usePractised();
  const now = useNow();
  const tunes = useMemo(() => knownByTune(known, now, endOfDay(now)), [known, now]);
  return <KnownTunesContext value={tunes}>{children}</KnownTunesContext>;
}
