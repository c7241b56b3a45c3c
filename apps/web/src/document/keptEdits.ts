import {
  firstWritten,
  parseMeter,
  readWritten,
  upgradeArrangement,
  type AnyArrangement,
} from '@drop-close/core';
import { localDatabase, type KeptRecord } from '../local/database';
import type { Origin, TuneDocument } from './types';

/** An unsaved edit of a tune as one tab of this browser keeps it. */
export interface KeptEdit {
  readonly document: TuneDocument;
  readonly origin: Origin;
  /** The document as the server had it when the edit began. */
  readonly stored: TuneDocument;
  readonly tab: string;
  /** When it was written, in ms since 1970. */
  readonly at: number;
}

/** Written through to the disk before it counts as kept. */
const TO_DISK = { durability: 'strict' } as const;

/** Keeps an edit in place of the one before of the same tune and tab. @throws where the store is full or blocked */
export async function keepEdit({ tab, at, ...edit }: KeptEdit): Promise<void> {
  const transaction = (await localDatabase()).transaction('edits', 'readwrite', TO_DISK);
  await transaction.store.put({ tune: edit.origin.tuneId, tab, at, edit });
  await transaction.done;
}

/** Forgets an edit; only what the server has, or its player threw away, is forgotten. */
export async function forgetEdit(tuneId: string, tab: string): Promise<void> {
  await (await localDatabase()).delete('edits', [tuneId, tab]);
}

/** Every edit that is kept, of one tune or of all, the latest first; none where the browser keeps nothing. */
export async function keptEdits(tuneId?: string): Promise<KeptEdit[]> {
  try {
    const database = await localDatabase();
    const records =
      tuneId === undefined
        ? await database.getAll('edits')
        : await database.getAllFromIndex('edits', 'tune', tuneId);
    return records.flatMap((record) => editOf(record) ?? []).sort((a, b) => b.at - a.at);
  } catch {
    return [];
  }
}

/** As an older version of the application may have kept it. */
interface OldEdit {
  readonly document?: OldDocument;
  readonly stored?: OldDocument;
  readonly origin?: Origin;
}

interface OldDocument extends Omit<TuneDocument, 'places' | 'setup'> {
  readonly places?: TuneDocument['places'];
  readonly setup: AnyArrangement;
}

function editOf({ tab, at, edit }: Omit<KeptRecord, 'tune'>): KeptEdit | undefined {
  const { document, stored, origin } = edit as OldEdit;
  if (!document || !stored || !origin) return undefined;
  return { document: today(document), stored: today(stored), origin, tab, at };
}

function today(document: OldDocument): TuneDocument {
  const meter = parseMeter(document.meter);
  const places = document.places ?? firstWritten(document.text, meter).places;
  const { chart } = readWritten({ text: document.text, places }, meter);
  return { ...document, places, setup: upgradeArrangement(document.setup, { chart, places }) };
}

const EARLIER = 'drop-close tune ';

/**
 * Brings over what earlier versions of the application kept elsewhere in this browser.
 * @throws where either store is blocked, or the new one full; then nothing is removed
 */
export async function bringOver(storage: Storage = localStorage): Promise<void> {
  const names = Array.from({ length: storage.length }, (_, at) => storage.key(at) ?? '');
  for (const name of names.filter((each) => each.startsWith(EARLIER))) {
    const copy = parsed(storage.getItem(name));
    const edit = copy?.unsaved ? editOf({ tab: 'earlier', at: 0, edit: copy }) : undefined;
    if (edit) await keepEdit(edit);
    storage.removeItem(name);
  }
}

function parsed(text: string | null): (OldEdit & { readonly unsaved?: boolean }) | undefined {
  try {
    return text ? (JSON.parse(text) as OldEdit) : undefined;
  } catch {
    return undefined;
  }
}
