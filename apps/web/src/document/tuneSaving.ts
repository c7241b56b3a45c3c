import { api } from '../api/client';
import { Autosave, type SendOutcome } from '../saving/autosave';
import { same } from './convert';
import { keepCopy } from './localCopy';
import { saveDocument } from './saver';
import { useDocument } from './store';

const saving = new Autosave({
  unsaved: () => {
    const { history, stored } = useDocument.getState();
    return !same(history?.present, stored);
  },
  waiting: () => {
    const { origin, save } = useDocument.getState();
    return !origin || save.kind === 'conflict';
  },
  keepHere,
  send,
  show: (kind) => {
    useDocument.getState().setSave({ kind });
  },
});

/** Keeps the open tune saved until the returned function is called, which sends what is left. */
export function startSaving(): () => void {
  const unsubscribe = useDocument.subscribe((state, before) => {
    if (state.history?.present !== before.history?.present) saving.changed();
  });
  const unwatch = saving.watch();
  saving.changed();
  return () => {
    unsubscribe();
    unwatch();
    void saving.now();
  };
}

/** Sends the document in hand now, if it differs from the stored one. */
export const saveNow = (): Promise<void> => saving.now();

function keepHere(): void {
  const { history, stored, origin } = useDocument.getState();
  if (!history || !stored || !origin) return;
  const document = history.present;
  keepCopy({ document, origin, stored, unsaved: !same(document, stored) });
}

async function send(): Promise<SendOutcome> {
  const { history, stored, origin } = useDocument.getState();
  if (!history || !stored || !origin || same(history.present, stored)) return 'saved';
  const document = history.present;
  const outcome = await saveDocument(api, document, stored, origin);
  const { origin: now, markStored, setSave } = useDocument.getState();
  // Another tune may be on the desk by now; the next visit to this one finds its copy.
  if (now?.tuneId !== origin.tuneId) return 'saved';
  if (outcome.kind === 'saved') markStored(document, outcome.origin);
  else if (outcome.kind === 'unreachable') markStored(outcome.stored, outcome.origin);
  else setSave(outcome);
  return outcome.kind;
}
