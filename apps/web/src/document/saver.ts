import { Refusal, Unreachable, type Api } from '../api/client';
import { arrangementFields, documentOf, same, tuneFields } from './convert';
import type { Origin, TuneDocument } from './types';

export type SaveOutcome =
  | { readonly kind: 'saved'; readonly origin: Origin }
  | { readonly kind: 'unreachable'; readonly origin: Origin; readonly stored: TuneDocument }
  | { readonly kind: 'refused'; readonly detail: string }
  | { readonly kind: 'conflict'; readonly theirs: TuneDocument; readonly origin: Origin };

type SaveApi = Pick<Api, 'saveTune' | 'saveArrangement' | 'tune'>;

/**
 * Sends what has changed: the tune, then the arrangement. A save that is half through when the server
 * goes away reports how far it came, so that the rest is sent from there.
 */
export async function saveDocument(
  api: SaveApi,
  document: TuneDocument,
  stored: TuneDocument,
  origin: Origin,
): Promise<SaveOutcome> {
  let at = origin;
  let there = stored;
  try {
    if (!same(tuneFields(document), tuneFields(stored))) {
      const saved = await api.saveTune(at.tuneId, tuneFields(document), at.tuneVersion);
      at = { ...at, tuneVersion: saved.version };
      there = { ...there, ...tuneFields(document) };
    }
    if (!same(arrangementFields(document), arrangementFields(stored))) {
      const fields = arrangementFields(document);
      const saved = await api.saveArrangement(at.arrangementId, fields, at.arrangementVersion);
      at = { ...at, arrangementVersion: saved.version };
    }
    return { kind: 'saved', origin: at };
  } catch (error) {
    if (error instanceof Unreachable) return { kind: 'unreachable', origin: at, stored: there };
    if (!(error instanceof Refusal)) throw error;
    return error.problem.status === 409 ? conflict(api, at, there) : refusal(error);
  }
}

function refusal(error: Refusal): SaveOutcome {
  const [first] = error.problem.errors ?? [];
  return { kind: 'refused', detail: first?.message ?? error.message };
}

async function conflict(api: SaveApi, origin: Origin, stored: TuneDocument): Promise<SaveOutcome> {
  try {
    const { document, origin: now } = documentOf(await api.tune(origin.tuneId));
    return { kind: 'conflict', theirs: document, origin: now };
  } catch (error) {
    if (error instanceof Unreachable) return { kind: 'unreachable', origin, stored };
    throw error;
  }
}
