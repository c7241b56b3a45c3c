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
import { LatestOnly } from '../../local/keeping';
import { keepRow, keptRows } from '../../local/rows';
import { alone } from '../../local/tabs';

const NOTES = 'practice notes';
const ENTRIES = 'log entries';
/** Of one request. */
const AT_ONCE = 100;
/** Before what is left is tried again, in ms. */
const AGAIN = 3000;

type WaitingEntry = EntryFields & { readonly id: string };

interface Waiting {
  readonly notes: readonly PracticeNoteFields[];
  readonly entries: readonly WaitingEntry[];
  /** What the server would not take, in words. */
  readonly refused: string | undefined;
}

/** What is in this browser alone. */
export const useWaiting = create<Waiting>(() => ({ notes: [], entries: [], refused: undefined }));

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

const sending = new LatestOnly();
let again: ReturnType<typeof setTimeout> | undefined;

/** Keeps what was practised here, and sends it. @returns once it was sent, or waits */
export async function noteHere(
  notes: readonly PracticeNoteFields[],
  entries: readonly WaitingEntry[],
): Promise<void> {
  useWaiting.setState((now) => ({
    notes: [...now.notes, ...notes],
    entries: [...now.entries, ...entries],
  }));
  for (const row of notes) await keepRow(NOTES, row.id, { before: null, row });
  for (const row of entries) await keepRow(ENTRIES, row.id, { before: null, row });
  await sendWaiting();
}

/** Sends what waits, also what earlier visits and closed tabs left here. */
export const sendWaiting = (): Promise<void> => sending.do(send);

async function send(): Promise<void> {
  clearTimeout(again);
  await takeUpKept();
  await alone('practice', async () => {
    const { notes, entries } = useWaiting.getState();
    useWaiting.setState({ refused: undefined });
    try {
      await inTurn(notes, async (some) => {
        tell({ kind: 'items', items: await api.addNotes(some) });
        await gone(NOTES, some);
      });
      await inTurn(entries, async (some) => {
        tell({ kind: 'entries', entries: await api.addEntries(some) });
        await gone(ENTRIES, some);
      });
    } catch {
      // The server is away, which is said; what is left is sent when it is back.
    }
  });
  const { notes, entries, refused } = useWaiting.getState();
  // Another tab may have been at it, or more was noted meanwhile.
  const isLeft = notes.length + entries.length > 0 && refused === undefined;
  if (isLeft && !useServer.getState().away) again = setTimeout(() => void sendWaiting(), AGAIN);
}

/** What this browser keeps, besides what is in hand where it keeps nothing. */
async function takeUpKept(): Promise<void> {
  const [notes, entries] = await Promise.all([keptRows(NOTES), keptRows(ENTRIES)]);
  useWaiting.setState((now) => ({
    notes: joined(
      notes.map(({ row }) => row as PracticeNoteFields),
      now.notes,
    ),
    entries: joined(
      entries.map(({ row }) => row as WaitingEntry),
      now.entries,
    ),
  }));
}

interface WithId {
  readonly id: string;
}

function joined<T extends WithId>(kept: readonly T[], inHand: readonly T[]): T[] {
  const ids = new Set(kept.map(({ id }) => id));
  return [...kept, ...inHand.filter(({ id }) => !ids.has(id))];
}

/** So many at once; where these are refused, one by one, so that one that is not taken holds up no other. */
async function inTurn<T extends WithId>(
  all: readonly T[],
  post: (some: readonly T[]) => Promise<void>,
): Promise<void> {
  for (let from = 0; from < all.length; from += AT_ONCE) {
    const some = all.slice(from, from + AT_ONCE);
    try {
      await post(some);
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      if (some.length === 1) useWaiting.setState({ refused: error.message });
      else for (const one of some) await inTurn([one], post);
    }
  }
}

/** The server has these. */
async function gone(kind: typeof NOTES | typeof ENTRIES, some: readonly WithId[]): Promise<void> {
  const ids = new Set(some.map(({ id }) => id));
  const left = <T extends WithId>(all: readonly T[]): T[] => all.filter(({ id }) => !ids.has(id));
  useWaiting.setState(({ notes, entries }) =>
    kind === NOTES ? { notes: left(notes) } : { entries: left(entries) },
  );
  for (const id of ids) await keepRow(kind, id, undefined);
}

/** Sends what waits now and whenever the server is back, until the returned function is called. */
export function keepSending(): () => void {
  void sendWaiting();
  return useServer.subscribe(({ away, locked }, before) => {
    if ((before.away && !away) || (before.locked && !locked)) void sendWaiting();
  });
}
