import type { Conflict } from '@drop-close/core';
import { create } from 'zustand';
import { edit, groupOf, type DocumentAction } from './actions';
import { advance, begin, redo, undo, type History } from '../saving/history';
import { inHand } from './reading';
import type { Origin, TuneDocument, TuneInHand } from './types';

/** How far the document in hand is from the stored one. */
export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  /** The server does not answer; kept in this browser as far as that can be. */
  | { readonly kind: 'offline' }
  | { readonly kind: 'refused'; readonly detail: string }
  /** The tune is not in the book any more; the edits are kept here. */
  | { readonly kind: 'gone' }
  | {
      readonly kind: 'conflict';
      readonly theirs: TuneDocument;
      readonly origin: Origin;
      readonly conflicts: readonly Conflict[];
    };

export interface DocumentState {
  readonly history: History<TuneDocument> | undefined;
  readonly origin: Origin | undefined;
  /** The document as the server has it. */
  readonly stored: TuneDocument | undefined;
  readonly save: SaveState;
  readonly open: (document: TuneDocument, origin: Origin, stored?: TuneDocument) => void;
  readonly dispatch: (action: DocumentAction) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly setSave: (save: SaveState) => void;
  /** The server has taken this document in. */
  readonly markStored: (stored: TuneDocument, origin: Origin) => void;
}

export const useDocument = create<DocumentState>((set) => ({
  history: undefined,
  origin: undefined,
  stored: undefined,
  save: { kind: 'saved' },
  open: (document, origin, stored = document) => {
    const history = begin(stored);
    const edited = document === stored ? history : advance(history, document, 0);
    set({ history: edited, origin, stored, save: { kind: 'saved' } });
  },
  dispatch: (action) => {
    set(({ history }) => {
      if (!history) return {};
      const next = edit(history.present, action, newSeed());
      return { history: advance(history, next, Date.now(), groupOf(action)) };
    });
  },
  undo: () => {
    set(({ history }) => (history ? { history: undo(history) } : {}));
  },
  redo: () => {
    set(({ history }) => (history ? { history: redo(history) } : {}));
  },
  setSave: (save) => {
    set({ save });
  },
  markStored: (stored, origin) => {
    set({ stored, origin });
  },
}));

/** Begins the names of what one edit makes; no two edits have the same, in this browser or another. */
const newSeed = (): string => Math.random().toString(36).slice(2, 10);

/** The document on the desk as it is saved. @throws outside a tune, where there is none. */
export function useStoredTune(): TuneDocument {
  const document = useDocument((state) => state.history?.present);
  if (!document) throw new Error('No tune is open here');
  return document;
}

/** The tune in hand. @throws outside a tune, where there is none. */
export const useTune = (): TuneInHand => inHand(useStoredTune());

/** The tune in hand as it is now, for what is done between two paints. */
export function tuneNow(): TuneInHand | undefined {
  const { history } = useDocument.getState();
  return history && inHand(history.present);
}
