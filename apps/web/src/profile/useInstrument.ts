import { instrumentOf, type Instrument } from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../document/store';
import { useProfile } from './profileStore';

/** The instrument in hand, as its player holds it. */
export function useInstrument(): Instrument {
  const { setup } = useTune();
  const profile = useProfile();
  return useMemo(() => instrumentOf(setup, profile), [setup, profile]);
}
