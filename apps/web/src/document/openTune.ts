import { mergeTunes, type TuneView } from '@drop-close/core';
import { Refusal, Unreachable, type Api } from '../api/client';
import { documentOf, same } from './convert';
import type { KeptEdit } from './keptEdits';
import type { SaveState } from './store';
import { isNew, type Origin, type TuneDocument } from './types';

export interface OpenedTune {
  readonly document: TuneDocument;
  readonly stored: TuneDocument;
  readonly origin: Origin;
  readonly save: SaveState;
}

/**
 * Brings a tune to the desk. Edits this browser kept while the server was away come back on top of the
 * stored tune; where that has changed meanwhile the two are merged by place, and where both changed the same
 * both are offered. While the server is away the tune opens from what is kept here.
 * @param copy the latest edit that is kept here, if any
 * @throws what the server said, where there is nothing to open
 */
export async function openTune(
  api: Pick<Api, 'tune' | 'keptTune'>,
  tuneId: string,
  copy: KeptEdit | undefined,
): Promise<OpenedTune> {
  const fetched = await fetchTune(api, tuneId, copy);
  if (fetched === 'gone')
    return { ...copy!, save: { kind: isNew(copy!.origin) ? 'saving' : 'gone' } };
  if (fetched === 'away') return { ...copy!, save: { kind: 'offline' } };
  const { document: stored, origin } = documentOf(fetched);
  if (!copy || same(copy.document, stored)) {
    return { document: stored, stored, origin, save: { kind: 'saved' } };
  }
  const merged = mergeTunes({ base: copy.stored, mine: copy.document, theirs: stored });
  if (merged.status === 'merged') {
    return { document: merged.tune, stored, origin, save: { kind: 'saving' } };
  }
  return {
    document: copy.document,
    stored: copy.stored,
    origin: copy.origin,
    save: { kind: 'conflict', theirs: stored, origin, conflicts: merged.conflicts },
  };
}

async function fetchTune(
  api: Pick<Api, 'tune' | 'keptTune'>,
  tuneId: string,
  copy: KeptEdit | undefined,
): Promise<TuneView | 'gone' | 'away'> {
  try {
    return await api.tune(tuneId);
  } catch (error) {
    if (copy && error instanceof Unreachable) return 'away';
    if (copy && isGone(error)) return 'gone';
    const kept = error instanceof Unreachable ? await api.keptTune(tuneId) : undefined;
    if (!kept) throw error;
    return kept;
  }
}

/** Whether the server says that there is no such tune. */
export const isGone = (error: unknown): boolean =>
  error instanceof Refusal && error.problem.status === 404;
