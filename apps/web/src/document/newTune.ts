import {
  arrangementFor,
  firstWritten,
  parseMeter,
  positionsIn,
  readWritten,
  storeArrangement,
  type Profile,
  type TuneFields,
} from '@drop-close/core';
import { api, Unreachable } from '../api/client';
import { keepEdit } from './keptEdits';
import { TAB } from '../local/tabs';
import type { TuneDocument } from './types';

/** No arrangement has this id: the server gives one when it makes the tune. */
const NOT_MADE = '';

/**
 * A new tune that the server has not made, kept in this browser until it does.
 * @returns its id, which it will have on the server too
 * @throws where the browser keeps nothing
 */
async function newTuneHere(fields: TuneFields, profile: Profile): Promise<string> {
  const meter = parseMeter(fields.meter);
  const { text, places } = firstWritten(fields.text, meter);
  const { chart } = readWritten({ text, places }, meter);
  const inKey = { ...chart, header: { key: fields.key, ...chart.header } };
  const document: TuneDocument = {
    ...fields,
    places,
    arrangementName: 'First arrangement',
    setup: storeArrangement(arrangementFor(profile), positionsIn(inKey, places)),
  };
  const tuneId = crypto.randomUUID();
  const origin = { tuneId, arrangementId: NOT_MADE, tuneVersion: 0, arrangementVersion: 0 };
  await keepEdit({ document, stored: document, origin, tab: TAB, at: Date.now() });
  return tuneId;
}

/** A new tune, on the server or, while it is away, in this browser. @returns its id */
export async function createTuneAnywhere(fields: TuneFields, profile: Profile): Promise<string> {
  try {
    return (await api.createTune(fields)).id;
  } catch (error) {
    if (!(error instanceof Unreachable)) throw error;
    return newTuneHere(fields, profile);
  }
}
