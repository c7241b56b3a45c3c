import {
  defaultArrangement,
  firstWritten,
  positionsIn,
  readWritten,
  storeArrangement,
  type Arrangement,
  type TuneView,
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

/** A tune as the server gives it, with one arrangement, both of this version. */
export const viewOf = (id: string, document: TuneDocument, version = 1): TuneView => ({
  ...document,
  id,
  form: '',
  formName: '',
  homeKey: 'C major',
  landmarks: [],
  bars: 1,
  problems: 0,
  updatedAt: '',
  version,
  arrangements: [
    { id: `${id}-a`, tuneId: id, name: document.arrangementName, setup: document.setup, version },
  ],
});
