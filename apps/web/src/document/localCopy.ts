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

const key = (tuneId: string): string => `drop-close tune ${tuneId}`;

export function keepCopy(copy: LocalCopy, storage: Storage = localStorage): void {
  storage.setItem(key(copy.origin.tuneId), JSON.stringify(copy));
}

/** The copy of a tune, or `undefined` when there is none that can be read. */
export function readCopy(tuneId: string, storage: Storage = localStorage): LocalCopy | undefined {
  const text = storage.getItem(key(tuneId));
  if (!text) return undefined;
  try {
    const copy = JSON.parse(text) as Partial<LocalCopy>;
    return copy.document && copy.origin && copy.stored ? (copy as LocalCopy) : undefined;
  } catch {
    return undefined;
  }
}

export function forgetCopy(tuneId: string, storage: Storage = localStorage): void {
  storage.removeItem(key(tuneId));
}
