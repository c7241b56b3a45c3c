import {
  ENTRIES_A_PAGE,
  SESSIONS_A_PAGE,
  ITEMS_A_PAGE,
  TUNES_A_PAGE,
  type BookEntry,
  type BookNote,
  type BookTune,
  type WholeBook,
} from '@drop-close/core';
import { api } from '../api/client';
import { Cancelled } from '../engine/client';
import { profileNow } from '../profile/profileStore';

/** Requests on their way at once. */
const AT_ONCE = 6;

/** Told how far the gathering is; refuses once it is given up. */
export type OnTune = (done: number, of: number) => void;

/** Tunes, sets and licks as the server has them. @throws Cancelled once the signal is given */
export async function gatherTunes(
  onTune: OnTune,
  signal: AbortSignal,
): Promise<Pick<WholeBook, 'tunes' | 'sets' | 'licks'>> {
  const ids = (await pages(api.tunes, TUNES_A_PAGE, ({ id }) => id)).map(({ id }) => id);
  const tunes = await each(ids, tuneWith, signal, (done) => {
    onTune(done, ids.length);
  });
  const sets = await api.sets();
  const licks = await api.licks();
  return {
    tunes,
    sets: sets.map(({ version: _, ...set }) => set),
    licks: licks.map(({ version: _, ...lick }) => lick),
  };
}

/** Everything that is in the book. @throws Cancelled once the signal is given */
export async function gatherBook(onTune: OnTune, signal: AbortSignal): Promise<WholeBook> {
  const own = await gatherTunes(onTune, signal);
  const items = await pages(api.items, ITEMS_A_PAGE, ({ item }) => item);
  const notes = await each(
    items.map(({ item }) => item),
    async (item): Promise<BookNote[]> =>
      (await api.notesOf(item)).map(({ received: _, ...note }) => note),
    signal,
  );
  const entries = await pages(api.log, ENTRIES_A_PAGE, ({ id }) => id);
  const sessions = await pages(api.sessions, SESSIONS_A_PAGE, ({ id }) => id);
  return {
    ...own,
    notes: notes.flat(),
    sessions: sessions.map(({ version: _, ...session }) => session),
    entries: entries.map(({ version: _, ...entry }): BookEntry => entry),
    profile: profileNow(),
  };
}

async function tuneWith(id: string): Promise<BookTune> {
  const [tune, solos] = await Promise.all([api.tune(id), api.solos(id)]);
  const { title, text, places, key, meter, tempo, feel, arrangements } = tune;
  return {
    ...{ id, title, text, places, key, meter, tempo, feel },
    arrangements: arrangements.map(({ id: own, name, setup }) => ({ id: own, name, setup })),
    solos: solos.map(({ id: own, name, line, over }) => ({ id: own, name, line, over })),
  };
}

/** Page after page, until one is not full. */
async function pages<T>(
  page: (after?: string) => Promise<readonly T[]>,
  full: number,
  nameOf: (last: T) => string,
): Promise<T[]> {
  const all: T[] = [];
  for (;;) {
    const last = all.at(-1);
    const next = await page(last && nameOf(last));
    all.push(...next);
    if (next.length < full) return all;
  }
}

/** Some at once, the results in order. */
async function each<T, R>(
  items: readonly T[],
  run: (item: T) => Promise<R>,
  signal: AbortSignal,
  onDone: (done: number) => void = () => undefined,
): Promise<R[]> {
  const results: R[] = [];
  for (let from = 0; from < items.length; from += AT_ONCE) {
    if (signal.aborted) throw new Cancelled();
    results.push(...(await Promise.all(items.slice(from, from + AT_ONCE).map(run))));
    onDone(results.length);
  }
  return results;
}
