import { api } from '../api/client';
import { TAB } from '../local/tabs';
import { arrangementFields, tuneFields } from './convert';
import { forgetEdit } from './keptEdits';
import type { TuneDocument } from './types';

/**
 * Makes a tune of a document whose own is gone, and forgets the edit that was kept of it.
 * @param tuneId what it was an edit of
 * @param tab the tab that kept it
 * @returns the id of the new tune
 */
export async function keepAsNew(
  document: TuneDocument,
  tuneId: string,
  tab: string = TAB,
): Promise<string> {
  const id = await createWhole(document);
  await forgetEdit(tuneId, tab);
  return id;
}

/** A new tune with the arrangement of a document. @returns its id */
export async function createWhole(document: TuneDocument): Promise<string> {
  const made = await api.createTune(tuneFields(document));
  const [arrangement] = made.arrangements;
  if (arrangement) {
    await api.saveArrangement(arrangement.id, arrangementFields(document), arrangement.version);
  }
  return made.id;
}
