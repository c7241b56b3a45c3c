import { mergeTunes } from '@drop-close/core';
import { create } from 'zustand';
import { Unreachable, api } from '../api/client';
import { keep } from '../local/keeping';
import { alone, openTabs, TAB, tellTabs } from '../local/tabs';
import { documentOf, same } from './convert';
import { forgetEdit, keptEdits, type KeptEdit } from './keptEdits';
import { isGone } from './openTune';
import { saveDocument } from './saver';
import { isNew, type Origin, type TuneDocument } from './types';

/** Why an edit that is kept here is not in the book. */
export type Unsent =
  | { readonly kind: 'waiting' }
  | { readonly kind: 'gone' }
  | { readonly kind: 'conflict' }
  | { readonly kind: 'refused'; readonly detail: string };

/** What came of sending edits, by tune and tab; of those that are not named, nothing yet. */
export const useUnsent = create<{ readonly why: Readonly<Record<string, Unsent>> }>(() => ({
  why: {},
}));

export const unsentKey = ({ origin, tab }: Pick<KeptEdit, 'origin' | 'tab'>): string =>
  `${origin.tuneId} ${tab}`;

/**
 * Sends the edits that closed tabs, and earlier visits of this one, left in this browser, in the order they
 * were made. What cannot be sent stays.
 * @param isOnDesk whether this tab has a tune on its desk, or is about to: it is saved from there
 */
export const sendKept = (isOnDesk: (tuneId: string) => boolean): Promise<void> =>
  alone('outbox', async () => {
    const isOpen = await openTabs();
    const left = (await keptEdits()).filter(
      ({ tab, at, origin }) => !isOnDesk(origin.tuneId) && (tab === TAB || !isOpen(tab, at)),
    );
    for (const edit of left.reverse()) {
      const unsent = await sendOne(edit);
      if (unsent) useUnsent.setState(({ why }) => ({ why: { ...why, [unsentKey(edit)]: unsent } }));
      if (unsent?.kind === 'waiting') return;
    }
  });

/** @returns why it is still here, if it is; `waiting` where the server does not answer or was quicker elsewhere */
async function sendOne(edit: KeptEdit): Promise<Unsent | undefined> {
  const { origin, tab } = edit;
  try {
    const stored = await storedOf(edit);
    if (!stored) return { kind: 'gone' };
    const merged = mergeTunes({ base: edit.stored, mine: edit.document, theirs: stored.document });
    if (merged.status === 'conflict') return { kind: 'conflict' };
    const outcome = await saveDocument(api, merged.tune, stored.document, stored.origin);
    if (outcome.kind === 'refused' || outcome.kind === 'gone') return outcome;
    if (outcome.kind !== 'saved') return { kind: 'waiting' };
    await keep(() => forgetUnchanged(edit));
    tellTabs({ kind: 'saved', tuneId: origin.tuneId });
    return undefined;
  } catch (error) {
    if (error instanceof Unreachable) return { kind: 'waiting' };
    return { kind: 'refused', detail: `${String(error)} (${tab})` };
  }
}

/** The tune as the server has it; a new one as it was begun; `undefined` where it is gone. */
async function storedOf({
  origin,
  stored,
}: KeptEdit): Promise<{ document: TuneDocument; origin: Origin } | undefined> {
  try {
    return documentOf(await api.tune(origin.tuneId));
  } catch (error) {
    if (!isGone(error)) throw error;
    return isNew(origin) ? { document: stored, origin } : undefined;
  }
}

/** The tune may have come back to the desk while its edit was sent, and been edited again. */
async function forgetUnchanged(edit: KeptEdit): Promise<void> {
  const now = (await keptEdits(edit.origin.tuneId)).find(({ tab }) => tab === edit.tab);
  if (now && same(now.document, edit.document)) await forgetEdit(edit.origin.tuneId, edit.tab);
}
