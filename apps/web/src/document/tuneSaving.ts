import { mergeTunes, tellChanges } from '@drop-close/core';
import { create } from 'zustand';
import { api, useServer } from '../api/client';
import { keep, LatestOnly, useKeeping } from '../local/keeping';
import { hearTabs, TAB, tellTabs } from '../local/tabs';
import { Autosave, type SendOutcome } from '../saving/autosave';
import { documentOf, same, withSaved } from './convert';
import { forgetEdit, keepEdit } from './keptEdits';
import { sendKept } from './outbox';
import { saveDocument } from './saver';
import { useDocument } from './store';
import { isNew, type Origin, type TuneDocument } from './types';

const saving = new Autosave({
  unsaved: isUnsaved,
  waiting: () => {
    const { origin, save } = useDocument.getState();
    return !origin || save.kind === 'conflict' || save.kind === 'gone';
  },
  keepHere,
  send,
  show: (kind) => {
    if (kind === 'saved') void showSaved();
    else useDocument.getState().setSave({ kind });
  },
});

/** Once this browser keeps nothing of it any more: whoever leaves when it says so leaves nothing behind. */
async function showSaved(): Promise<void> {
  const tuneId = tuneOnDesk();
  if (tuneId === undefined) return;
  await keepingOf(tuneId).done();
  if (tuneOnDesk() === tuneId && !isUnsaved()) useDocument.getState().setSave({ kind: 'saved' });
}

/** What came into the tune on the desk from elsewhere, in words, newest last; for whoever shows it. */
export const useTakenIn = create<{ readonly words: readonly string[] }>(() => ({ words: [] }));

/** Tunes that are kept saved just now: one, or none. */
let desks = 0;

/**
 * Keeps the open tune saved until the returned function is called, which sends what is left.
 * @param adopted tabs, closed by now, whose edits of the tune are on the desk
 */
export function startSaving(adopted: readonly string[] = []): () => void {
  const tuneId = useDocument.getState().origin?.tuneId ?? '';
  desks += 1;
  const unsubscribe = useDocument.subscribe((state, before) => {
    if (state.history?.present !== before.history?.present) saving.changed();
  });
  const unwatch = saving.watch();
  const unhear = hearTabs((message) => {
    if (message.tuneId === tuneId) void takeInStored(tuneId);
  });
  // What other tabs and browsers saved meanwhile was not heard, or could not be fetched.
  const unsubscribeServer = useServer.subscribe(({ away }, before) => {
    if (before.away && !away) void takeInStored(tuneId);
  });
  saving.changed();
  void forgetAdopted(tuneId, adopted);
  return () => {
    unsubscribe();
    unwatch();
    unhear();
    unsubscribeServer();
    desks -= 1;
    void saving.now().then(() => {
      // What is left is sent from where it is kept; another tune on the desk is saved as before.
      if (!desks) saving.stop();
      return sendKept(isOnDesk);
    });
  };
}

/** Sends the document in hand now, if it differs from the stored one. */
export const saveNow = (): Promise<void> => saving.now();

/** Sends what other visits of this browser left, as long as their tunes are not on the desk. */
export const sendLeft = (): Promise<void> => sendKept(isOnDesk);

/** On the desk, or on its way there: the address names it. */
const isOnDesk = (tuneId: string): boolean =>
  window.location.pathname.startsWith(`/tune/${tuneId}`);

const tuneOnDesk = (): string | undefined => useDocument.getState().origin?.tuneId;

/** Whether the document in hand is not what the server has; a new tune it does not have at all. */
function isUnsaved(): boolean {
  const { history, stored, origin } = useDocument.getState();
  return !!origin && (isNew(origin) || !same(history?.present, stored));
}

/** Only once they are kept under this tab's name. */
async function forgetAdopted(tuneId: string, tabs: readonly string[]): Promise<void> {
  await keepingOf(tuneId).done();
  if (useKeeping.getState().trouble) return;
  for (const tab of tabs) await keep(() => forgetEdit(tuneId, tab));
}

/** What is kept of one tune waits for nothing of another. */
const keeping = new Map<string, LatestOnly>();

function keepingOf(tuneId: string): LatestOnly {
  const own = keeping.get(tuneId) ?? new LatestOnly();
  keeping.set(tuneId, own);
  return own;
}

/** What this tab kept last; kept again, unchanged, it would seem to be younger than it is. */
let keptLast: { readonly document: TuneDocument; readonly stored: TuneDocument } | undefined;

function keepHere(): void {
  const { history, stored, origin } = useDocument.getState();
  if (!history || !stored || !origin) return;
  const document = history.present;
  const isSaved = !isUnsaved();
  if (!isSaved && keptLast?.document === document && keptLast.stored === stored) return;
  keptLast = isSaved ? undefined : { document, stored };
  const edit = { document, stored, origin, tab: TAB, at: Date.now() };
  const work = () => (isSaved ? forgetEdit(origin.tuneId, TAB) : keepEdit(edit));
  void keepingOf(origin.tuneId).do(async () => {
    if (!(await keep(work))) keptLast = undefined;
  });
}

async function send(): Promise<SendOutcome> {
  const { history, stored, origin } = useDocument.getState();
  if (!history || !stored || !origin || !isUnsaved()) return 'saved';
  const document = history.present;
  const outcome = await saveDocument(api, document, stored, origin);
  if (outcome.kind === 'saved') void noteSaved(document, outcome.origin);
  const { markStored, setSave } = useDocument.getState();
  // Another tune may be on the desk by now; what is kept of this one is sent from there.
  if (tuneOnDesk() !== origin.tuneId) return 'saved';
  switch (outcome.kind) {
    case 'saved':
      markStored(document, outcome.origin);
      return 'saved';
    case 'unreachable':
      markStored(outcome.stored, outcome.origin);
      return 'unreachable';
    case 'stale':
      return takeIn(outcome.theirs, outcome.origin) ? 'saved' : 'conflict';
    case 'gone':
    case 'refused':
      setSave(outcome);
      return outcome.kind;
  }
}

/** The book as this browser knows it follows, and so do other tabs. */
async function noteSaved(document: TuneDocument, origin: Origin): Promise<void> {
  tellTabs({ kind: 'saved', tuneId: origin.tuneId });
  const kept = await api.keptTune(origin.tuneId);
  if (kept) await api.keepTune(withSaved(kept, document, origin));
}

/** The tune may have been saved elsewhere: what was done there comes into this tab. */
async function takeInStored(tuneId: string): Promise<void> {
  try {
    const { document, origin } = documentOf(await api.tune(tuneId));
    const { stored, origin: here, save } = useDocument.getState();
    const isOlder = here && origin.tuneVersion <= here.tuneVersion;
    if (here?.tuneId !== tuneId || save.kind === 'conflict') return;
    if (isOlder && origin.arrangementVersion <= here.arrangementVersion) return;
    if (!same(document, stored)) takeIn(document, origin);
  } catch {
    // Asked again when the server answers; whoever saves before that meets it.
  }
}

/**
 * Merges what is stored now into the tune in hand, as a step of its own.
 * @returns false where both changed the same; then both are offered
 */
function takeIn(theirs: TuneDocument, origin: Origin): boolean {
  const { history, stored, markStored, dispatch, setSave } = useDocument.getState();
  if (!history || !stored) return true;
  const merged = mergeTunes({ base: stored, mine: history.present, theirs });
  if (merged.status === 'conflict') {
    setSave({ kind: 'conflict', theirs, origin, conflicts: merged.conflicts });
    return false;
  }
  const words = tellChanges(stored, theirs);
  markStored(theirs, origin);
  dispatch({ type: 'replace', document: merged.tune });
  useTakenIn.setState({ words });
  return true;
}
