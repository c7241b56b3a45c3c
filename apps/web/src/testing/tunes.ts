import {
  defaultArrangement,
  firstWritten,
  positionsIn,
  readWritten,
  storeArrangement,
  type Arrangement,
} from '@drop-close/core';
import type { TuneDocument } from '../document/types';

/** A document for tests: some changes, and an arrangement of them as a player has it in hand. */
export function tuneOf(text: string, setup: Arrangement = defaultArrangement): TuneDocument {
  const { places } = firstWritten(text);
  const positions = positionsIn(readWritten({ text, places }).chart, places);
  return {
    title: 'Slack Water',
    ...{ text, places },
    key: 'C',
    meter: '4/4',
    tempo: 120,
    feel: 'swing',
    arrangementName: 'First arrangement',
    setup: storeArrangement(setup, positions),
  };
}
