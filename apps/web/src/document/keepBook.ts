import { TUNES_A_PAGE, type ListedTune } from '@drop-close/core';
import { api, useServer } from '../api/client';
import { alone } from '../local/tabs';
import { isGone } from './openTune';

/** Tunes that are kept for when the server is away: those changed last. */
const MOST = 300;
/** Between two questions, so that what the player does goes first, in ms. */
const PAUSE = 60;

/**
 * Keeps the book as it is now in this browser, so that it can be opened without the server: its lists, and
 * each tune with its solo lines. Asks only for what has changed since it was kept.
 */
export const keepBook = (): Promise<void> =>
  alone('book', async () => {
    const [tunes] = await Promise.all([allTunes(), api.sets(), api.licks()]);
    const latest = [...tunes].sort((a, b) => b.changedAt.localeCompare(a.changedAt));
    for (const tune of latest.slice(0, MOST)) {
      if (useServer.getState().away) return;
      if (await keepTune(tune)) await pause();
    }
  });

async function allTunes(): Promise<ListedTune[]> {
  const all: ListedTune[] = [];
  for (let page = await api.tunes(); ; page = await api.tunes(page.at(-1)!.id)) {
    all.push(...page);
    if (page.length < TUNES_A_PAGE) return all;
  }
}

/** Keeps a tune; one that was thrown away since it was listed is passed over. @returns whether the server was asked */
async function keepTune({ id, changedAt }: ListedTune): Promise<boolean> {
  if ((await api.keptSince(id)) === changedAt) return false;
  try {
    await api.tune(id);
    await api.solos(id);
    await api.noteKept(id, changedAt);
  } catch (error) {
    if (!isGone(error)) throw error;
  }
  return true;
}

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, PAUSE));
