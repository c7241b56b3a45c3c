import { Unreachable, type Api } from '../api/client';
import { documentOf, same } from './convert';
import type { LocalCopy } from './localCopy';
import type { SaveState } from './store';
import type { Origin, TuneDocument } from './types';

export interface OpenedTune {
  readonly document: TuneDocument;
  readonly stored: TuneDocument;
  readonly origin: Origin;
  readonly save: SaveState;
}

/**
 * Brings a tune to the desk. Edits this browser kept while the server was away come back on top of
 * the stored tune; where that has changed meanwhile, both are offered. While the server is away the
 * tune opens from the copy kept here.
 */
export async function openTune(
  api: Pick<Api, 'tune'>,
  tuneId: string,
  copy: LocalCopy | undefined,
): Promise<OpenedTune> {
  const fetched = await api.tune(tuneId).catch((error: unknown) => {
    if (error instanceof Unreachable && copy) return undefined;
    throw error;
  });
  if (!fetched && copy) return { ...copy, save: { kind: 'offline' } };
  const { document: stored, origin } = documentOf(fetched!);
  if (!copy?.unsaved || same(copy.document, stored)) {
    return { document: stored, stored, origin, save: { kind: 'saved' } };
  }
  if (same(copy.stored, stored)) {
    return { document: copy.document, stored, origin, save: { kind: 'saving' } };
  }
  return {
    document: copy.document,
    stored: copy.stored,
    origin: copy.origin,
    save: { kind: 'conflict', theirs: stored, origin },
  };
}
