import type { BookReading, Compared } from '@drop-close/core';
import { Cancelled } from '../engine/client';
import { api } from '../api/client';

/** Of one request. */
const NOTES_AT_ONCE = 200;
const ENTRIES_AT_ONCE = 500;

export interface ChosenParts {
  /** Tunes, sets and licks by kind and id; see `nameOfPart`. */
  readonly parts: ReadonlySet<string>;
  readonly practice: boolean;
}

export const nameOfPart = ({ kind, id }: Pick<Compared, 'kind' | 'id'>): string => `${kind} ${id}`;

/**
 * Brings parts of a read book in; sent again they change nothing, so what broke off is simply done once more.
 * @throws Cancelled once the signal is given; what is in by then stays
 * @param onDone is told how many parts are in
 */
export async function putBack(
  { book }: BookReading,
  { parts, practice }: ChosenParts,
  onDone: (done: number) => void,
  signal: AbortSignal,
): Promise<void> {
  let done = 0;
  const step = (): void => {
    onDone((done += 1));
    if (signal.aborted) throw new Cancelled();
  };
  const wanted = <T extends { readonly id: string }>(
    kind: Compared['kind'],
    items: readonly T[],
  ): T[] => items.filter(({ id }) => parts.has(nameOfPart({ kind, id })));
  for (const tune of wanted('tunes', book.tunes)) {
    await api.putTune(tune);
    step();
  }
  for (const set of wanted('sets', book.sets)) {
    await api.putSet(set);
    step();
  }
  for (const lick of wanted('licks', book.licks)) {
    await api.putLick(lick);
    step();
  }
  if (!practice) return;
  for (const notes of inGroups(book.notes, NOTES_AT_ONCE)) await api.addNotes(notes);
  for (const entries of inGroups(book.entries, ENTRIES_AT_ONCE)) await api.addEntries(entries);
  for (const session of book.sessions) await api.createSession(session);
}

const inGroups = <T>(items: readonly T[], most: number): T[][] =>
  Array.from({ length: Math.ceil(items.length / most) }, (_, at) =>
    items.slice(at * most, (at + 1) * most),
  );
