/**
 * Notes of practice and entries of the logbook on their way to the book. Each is kept in this browser before it is
 * sent and until the server has it; sent twice, it counts once. So a week without the server loses nothing, and the
 * order in which browsers send what they have does not matter.
 */
import type {
  EntryFields,
  EntryView,
  PracticeItemView,
  PracticeNoteFields,
} from '@drop-close/core';
import { create } from 'zustand';
import { Refusal, api, useServer } from '../../api/client';
import { keepRow, keptRows } from '../../local/rows';
import { alone } from '../../local/tabs';

const NOTES = 'practice notes';
const ENTRIES = 'log entries';
const AT_ONCE = 100;

interface Waiting {
  /** How many notes and entries are in this browser alone. */
  readonly count: number;
  /** What the server would not take, in words. */
  readonly refused: string | undefined;
}

export const useWaiting = create<Waiting>(() => ({ count: 0, refused: undefined }));

type Taken =
  | { readonly kind: 'items'; readonly items: readonly PracticeItemView[] }
  | { readonly kind: 'entries'; readonly entries: readonly EntryView[] };

const listeners = new Set<(taken: Taken) => void>();

/** Hears what the server has taken, until the returned function is called. */
export function hearTaken(listener: (taken: Taken) => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const tell = (taken: Taken): void => {
  for (const listener of listeners) listener(taken);
};

/** Keeps what was practised here, and sends it. */
export async function noteHere(
  notes: readonly PracticeNoteFields[],
  entries: readonly EntryFields[],
): Promise<void> {
  for (const note of notes) await keepRow(NOTES, note.id, { before: null, row: note });
  for (const entry of entries) await keepRow(ENTRIES, entry.id!, { before: null, row: entry });
  // Where the browser keeps nothing, it is sent from hand.
  await send(notes, entries);
}

/** Sends what earlier visits left here. */
export const sendWaiting = (): Promise<void> => send([], []);

function send(
  notes: readonly PracticeNoteFields[],
  entries: readonly EntryFields[],
): Promise<void> {
  return alone('practice', async () => {
    const allNotes = await keptAnd(NOTES, notes);
    const allEntries = await keptAnd(ENTRIES, entries);
    try {
      await inTurn(NOTES, allNotes, async (some) => {
        tell({ kind: 'items', items: await api.addNotes(some) });
      });
      await inTurn(ENTRIES, allEntries, async (some) => {
        tell({ kind: 'entries', entries: await api.addEntries(some) });
      });
      useWaiting.setState({ refused: undefined });
    } catch (error) {
      useWaiting.setState({ refused: error instanceof Refusal ? error.message : undefined });
    }
    await count();
  });
}

interface WithId {
  readonly id?: string;
}

async function keptAnd<T extends WithId>(kind: string, inHand: readonly T[]): Promise<T[]> {
  const kept = (await keptRows(kind)).map(({ row }) => row as T);
  const ids = new Set(kept.map(({ id }) => id));
  return [...kept, ...inHand.filter(({ id }) => !ids.has(id))];
}

async function inTurn<T extends WithId>(
  kind: string,
  all: readonly T[],
  post: (some: readonly T[]) => Promise<void>,
): Promise<void> {
  for (let from = 0; from < all.length; from += AT_ONCE) {
    const some = all.slice(from, from + AT_ONCE);
    await post(some);
    for (const { id } of some) await keepRow(kind, id!, undefined);
  }
}

async function count(): Promise<void> {
  const [notes, entries] = await Promise.all([keptRows(NOTES), keptRows(ENTRIES)]);
  useWaiting.setState({ count: notes.length + entries.length });
}

/** Sends what waits now and whenever the server is back, until the returned function is called. */
export function keepSending(): () => void {
  void sendWaiting();
  return useServer.subscribe(({ away, locked }, before) => {
    if ((before.away && !away) || (before.locked && !locked)) void sendWaiting();
  });
}
