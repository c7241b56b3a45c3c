import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What this browser keeps, so that nothing is lost and the book opens while the server is away. */
export interface LocalSchema extends DBSchema {
  /** What the server answered last, by the path that was asked. */
  readonly answers: { key: string; value: { readonly path: string; readonly answer: unknown } };
  /** Unsaved edits: one record a tune and tab. */
  readonly edits: {
    key: [tune: string, tab: string];
    value: KeptRecord;
    indexes: { tune: string };
  };
  /** Unsaved changes of rows in lists, by kind and id. */
  readonly rows: { key: [kind: string, id: string]; value: KeptRow; indexes: { kind: string } };
}

export interface KeptRecord {
  readonly tune: string;
  readonly tab: string;
  /** When it was written, in ms since 1970. */
  readonly at: number;
  /** What whoever keeps it needs to go on with it. */
  readonly edit: unknown;
}

export interface KeptRow {
  readonly kind: string;
  readonly id: string;
  readonly before: unknown;
  readonly row: unknown;
}

const NAME = 'drop-close';
const VERSION = 1;

let opening: Promise<IDBPDatabase<LocalSchema>> | undefined;

/** The store of this browser. @throws where the browser lets none be opened */
export function localDatabase(): Promise<IDBPDatabase<LocalSchema>> {
  opening ??= open().catch((error: unknown) => {
    opening = undefined;
    throw error;
  });
  return opening;
}

/** Closes it, so that it is opened anew. */
export async function closeLocalDatabase(): Promise<void> {
  const open = await opening?.catch(() => undefined);
  open?.close();
  opening = undefined;
}

async function open(): Promise<IDBPDatabase<LocalSchema>> {
  return openDB<LocalSchema>(NAME, VERSION, {
    upgrade: (database) => {
      database.createObjectStore('answers', { keyPath: 'path' });
      database.createObjectStore('edits', { keyPath: ['tune', 'tab'] }).createIndex('tune', 'tune');
      database.createObjectStore('rows', { keyPath: ['kind', 'id'] }).createIndex('kind', 'kind');
    },
    // A newer version of the application in another tab is not kept waiting.
    blocking: () => void closeLocalDatabase(),
    terminated: () => {
      opening = undefined;
    },
  });
}
