import { api } from '../api/client';
import { same } from './convert';
import { keepCopy } from './localCopy';
import { saveDocument } from './saver';
import { useDocument } from './store';

/** Quiet time after the last edit before it is sent, in ms. */
const SETTLE = 500;
/** Between tries while the server is away, in ms. */
const RETRY = 2500;

let timer: ReturnType<typeof setTimeout> | undefined;
let busy = false;

/**
 * Keeps the open tune saved: each edit goes to this browser's own store at once and to the server when
 * the hand rests. Runs until the returned function is called.
 */
export function startAutosave(): () => void {
  const unsubscribe = useDocument.subscribe((state, before) => {
    if (state.history?.present !== before.history?.present) onEdit();
  });
  const onOnline = (): void => void save();
  window.addEventListener('online', onOnline);
  onEdit();
  return () => {
    unsubscribe();
    window.removeEventListener('online', onOnline);
    void save();
  };
}

function onEdit(): void {
  const { history, stored, origin, save: state, setSave } = useDocument.getState();
  if (!history || !stored || !origin) return;
  const unsaved = !same(history.present, stored);
  keepCopy({ document: history.present, origin, stored, unsaved });
  if (!unsaved || state.kind === 'conflict') return;
  if (state.kind !== 'offline') setSave({ kind: 'saving' });
  schedule(SETTLE);
}

function schedule(delay: number): void {
  clearTimeout(timer);
  timer = setTimeout(() => void save(), delay);
}

/** Sends the document in hand now, if it differs from the stored one and no send is under way. */
export async function save(): Promise<void> {
  const { history, stored, origin, save: state } = useDocument.getState();
  if (busy || !history || !stored || !origin || state.kind === 'conflict') return;
  const document = history.present;
  if (same(document, stored)) {
    useDocument.getState().setSave({ kind: 'saved' });
    return;
  }
  busy = true;
  const outcome = await saveDocument(api, document, stored, origin).finally(() => {
    busy = false;
  });
  const now = useDocument.getState();
  if (now.origin?.tuneId !== origin.tuneId) return;
  switch (outcome.kind) {
    case 'saved':
      now.markStored(document, outcome.origin);
      settle();
      return;
    case 'unreachable':
      now.markStored(outcome.stored, outcome.origin);
      now.setSave({ kind: 'offline' });
      keep();
      schedule(RETRY);
      return;
    case 'refused':
      now.setSave(outcome);
      return;
    case 'conflict':
      now.setSave(outcome);
  }
}

/** After a save: nothing left to do, or an edit made meanwhile. */
function settle(): void {
  const { history, stored, setSave } = useDocument.getState();
  keep();
  if (same(history?.present, stored)) setSave({ kind: 'saved' });
  else schedule(SETTLE);
}

function keep(): void {
  const { history, stored, origin } = useDocument.getState();
  if (!history || !stored || !origin) return;
  keepCopy({
    document: history.present,
    origin,
    stored,
    unsaved: !same(history.present, stored),
  });
}
