import { Refusal, Unreachable, type Api } from '../api/client';
import { arrangementFields, documentOf, same, tuneFields } from './convert';
import { isGone } from './openTune';
import { isNew, type Origin, type TuneDocument } from './types';

export type SaveOutcome =
  | { readonly kind: 'saved'; readonly origin: Origin }
  | { readonly kind: 'unreachable'; readonly origin: Origin; readonly stored: TuneDocument }
  | { readonly kind: 'refused'; readonly detail: string }
  | { readonly kind: 'gone' }
  /** Saved elsewhere meanwhile: what is stored now. */
  | { readonly kind: 'stale'; readonly theirs: TuneDocument; readonly origin: Origin };

export type SaveApi = Pick<Api, 'createTune' | 'saveTune' | 'saveArrangement' | 'tune'>;

/** How far a save has come. */
interface Progress {
  origin: Origin;
  stored: TuneDocument;
}

/**
 * Sends what has changed: the tune, then the arrangement; a tune that is not in the book yet is made first.
 * A save that is half through when the server goes away reports how far it came, so that the rest is sent
 * from there.
 */
export async function saveDocument(
  api: SaveApi,
  document: TuneDocument,
  stored: TuneDocument,
  origin: Origin,
): Promise<SaveOutcome> {
  const progress: Progress = { origin, stored };
  try {
    await send(api, document, progress);
    return { kind: 'saved', origin: progress.origin };
  } catch (error) {
    if (error instanceof Unreachable) return { kind: 'unreachable', ...progress };
    if (isGone(error)) return { kind: 'gone' };
    if (!(error instanceof Refusal)) throw error;
    return error.problem.status === 409 ? stale(api, progress) : refusal(error);
  }
}

async function send(api: SaveApi, document: TuneDocument, progress: Progress): Promise<void> {
  if (isNew(progress.origin)) {
    const made = documentOf(
      await api.createTune({ ...tuneFields(document), id: progress.origin.tuneId }),
    );
    progress.origin = made.origin;
    progress.stored = made.document;
  }
  const { origin, stored } = progress;
  if (!same(tuneFields(document), tuneFields(stored))) {
    const saved = await api.saveTune(origin.tuneId, tuneFields(document), origin.tuneVersion);
    progress.origin = { ...origin, tuneVersion: saved.version };
    progress.stored = { ...stored, ...tuneFields(document) };
  }
  if (!same(arrangementFields(document), arrangementFields(progress.stored))) {
    const fields = arrangementFields(document);
    const { arrangementId, arrangementVersion } = progress.origin;
    const saved = await api.saveArrangement(arrangementId, fields, arrangementVersion);
    progress.origin = { ...progress.origin, arrangementVersion: saved.version };
  }
}

function refusal(error: Refusal): SaveOutcome {
  const [first] = error.problem.errors ?? [];
  const detail = first ? `${first.path} ${withoutPath(first)}` : error.message;
  return { kind: 'refused', detail };
}

/** Some messages begin with their field, some do not. */
const withoutPath = ({ path, message }: { readonly path: string; readonly message: string }) =>
  message.startsWith(path) ? message.slice(path.length).trimStart() : message;

async function stale(api: SaveApi, { origin, stored }: Progress): Promise<SaveOutcome> {
  try {
    const { document, origin: now } = documentOf(await api.tune(origin.tuneId));
    return { kind: 'stale', theirs: document, origin: now };
  } catch (error) {
    if (error instanceof Unreachable) return { kind: 'unreachable', origin, stored };
    if (isGone(error)) return { kind: 'gone' };
    throw error;
  }
}
