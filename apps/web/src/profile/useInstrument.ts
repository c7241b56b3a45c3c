import { instrumentOf, type Instrument } from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../document/store';
import { useInstruments } from './useInstruments';

/** The instrument in hand, as its player holds it. */
export function useInstrument(): Instrument {
  const { instrument, keyboardHands } = useTune().setup;
  const instruments = useInstruments();
  return useMemo(
    () => instrumentOf({ instrument, keyboardHands }, instruments),
    [instrument, keyboardHands, instruments],
  );
}
