import {
  firstWritten,
  parseMeter,
  readWritten,
  upgradeArrangement,
  type AnyArrangement,
} from '@drop-close/core';
import type { Origin, TuneDocument } from './types';

/** A tune as this browser keeps it, so that nothing is lost while the server is away. */
export interface LocalCopy {
  readonly document: TuneDocument;
  readonly origin: Origin;
  /** The document as the server had it when this copy was taken. */
  readonly stored: TuneDocument;
  /** Holds edits that the server has not taken in. */
  readonly unsaved: boolean;
}

const PREFIX = 'drop-close tune ';
const key = (tuneId: string): string => PREFIX + tuneId;

/**
 * Keeps a copy. When the browser's store is full, copies of other tunes that the server has whole make
 * room; only unsaved work is worth keeping at any price.
 */
export function keepCopy(copy: LocalCopy, storage: Storage = localStorage): void {
  const text = JSON.stringify(copy);
  try {
    storage.setItem(key(copy.origin.tuneId), text);
  } catch {
    makeRoom(storage);
    storage.setItem(key(copy.origin.tuneId), text);
  }
}

function makeRoom(storage: Storage): void {
  const kept = Array.from({ length: storage.length }, (_, index) => storage.key(index) ?? '');
  for (const name of kept.filter((each) => each.startsWith(PREFIX))) {
    if (!readCopy(name.slice(PREFIX.length), storage)?.unsaved) storage.removeItem(name);
  }
}

/** The copy of a tune, or `undefined` when there is none that can be read. */
export function readCopy(tuneId: string, storage: Storage = localStorage): LocalCopy | undefined {
  const text = storage.getItem(key(tuneId));
  if (!text) return undefined;
  try {
    const copy = JSON.parse(text) as Partial<LocalCopy>;
    if (!copy.document || !copy.origin || !copy.stored) return undefined;
    return { ...(copy as LocalCopy), document: today(copy.document), stored: today(copy.stored) };
  } catch {
    return undefined;
  }
}

/** A document as an older version of the application may have kept it. */
interface OldDocument extends Omit<TuneDocument, 'places' | 'setup'> {
  readonly places?: TuneDocument['places'];
  readonly setup: AnyArrangement;
}

/** A copy may be older than this version of the application. */
function today(document: OldDocument): TuneDocument {
  const meter = parseMeter(document.meter);
  const places = document.places ?? firstWritten(document.text, meter).places;
  const { chart } = readWritten({ text: document.text, places }, meter);
  return { ...document, places, setup: upgradeArrangement(document.setup, { chart, places }) };
}
