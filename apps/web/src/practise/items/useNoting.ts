import {
  itemKey,
  type Grade,
  type PracticeItem,
  type PracticeItemView,
  type PracticeNoteFields,
  type Recalled,
} from '@drop-close/core';
import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { createElement, useEffect } from 'react';
import { api } from '../../api/client';
import { GRADE_WORDS } from '../base/grades';
import { LOG } from './useLog';
import { capital } from '../base/capital';
import { localDay } from '../base/localDay';
import { hearTaken, keepSending, noteHere } from './sending';
import { ITEMS, useItemWords } from './usePractice';

/** Keeps the lists in step with what the server has taken. Used once, by the application. */
export function useTaken(): void {
  const queries = useQueryClient();
  useEffect(keepSending, []);
  useEffect(
    () =>
      hearTaken((taken) => {
        if (taken.kind === 'entries') void queries.invalidateQueries({ queryKey: LOG });
        else takeUp(queries, taken.items);
      }),
    [queries],
  );
}

function takeUp(queries: QueryClient, changed: readonly PracticeItemView[]): void {
  const fresh = new Map(changed.map((each) => [each.item, each]));
  queries.setQueryData<PracticeItemView[]>(ITEMS, (all) => {
    if (!all) return all;
    const known = new Set(all.map(({ item }) => item));
    return [
      ...all.map((each) => fresh.get(each.item) ?? each),
      ...changed.filter(({ item }) => !known.has(item)),
    ];
  });
}

export interface Practised {
  readonly item: PracticeItem;
  readonly grade: Grade;
  /** Spent on it; nothing is logged of less than a few seconds. */
  readonly seconds: number;
  /** In quarter notes a minute, where it was played in time. */
  readonly tempo?: number;
  readonly key?: string;
  /** Of a chart by heart. */
  readonly recalled?: Recalled;
}

const FEW_SECONDS = 5;

/** What is done with items: practised, put to another day; each can be undone. */
export function useNoting() {
  const { notification } = App.useApp();
  const queries = useQueryClient();
  const words = useItemWords();

  /** Says what was noted, with a way to take it back. */
  const offerBack = (title: string, note: PracticeNoteFields, entryId?: string): void => {
    const takeBack = async (): Promise<void> => {
      notification.destroy(note.id);
      const slip = { id: crypto.randomUUID(), item: note.item, at: Date.now(), of: note.id };
      await noteHere([{ ...slip, kind: 'taken back' }], []);
      if (entryId === undefined) return;
      await api.deleteEntry(entryId).catch(() => undefined);
      await queries.invalidateQueries({ queryKey: LOG });
    };
    const actions = createElement(Button, { onClick: () => void takeBack() }, 'Take it back');
    const how = { duration: 8, placement: 'bottomRight' as const };
    notification.open({ key: note.id, title, actions, ...how });
  };

  return {
    /** @returns once it is kept here, or sent */
    practised: async ({ item, grade, seconds, tempo, key, recalled }: Practised): Promise<void> => {
      const at = Date.now();
      const played = tempo !== undefined && { tempo: Math.round(tempo) };
      const base = { id: crypto.randomUUID(), item: itemKey(item), at };
      const note = {
        ...{ ...base, kind: 'review' as const, grade, ...played },
        ...(recalled && { recalled }),
      };
      const entry = {
        ...entryOf(capital(words(item)), seconds, at),
        ...{ item: itemKey(item), grade, ...played },
        ...(key !== undefined && { key }),
      };
      const isShort = seconds < FEW_SECONDS;
      await noteHere([note], isShort ? [] : [entry]);
      const title = `${capital(words(item))}: ${GRADE_WORDS[grade].toLowerCase()}`;
      offerBack(title, note, isShort ? undefined : entry.id);
    },
    /** Something that is no item was practised. */
    logged: async (what: string, seconds: number): Promise<void> => {
      if (seconds < FEW_SECONDS) return;
      await noteHere([], [entryOf(capital(what), seconds, Date.now())]);
    },
    /** @param due in ms since 1970 */
    put: async (item: PracticeItem, due: number, title: string): Promise<void> => {
      const id = crypto.randomUUID();
      const note = { id, item: itemKey(item), kind: 'put', at: Date.now(), due } as const;
      await noteHere([note], []);
      offerBack(title, note);
    },
  };
}

/** An entry of the logbook, to the tenth of a minute. @param at in ms since 1970 */
const entryOf = (what: string, seconds: number, at: number) => ({
  ...{ id: crypto.randomUUID(), day: localDay(at), what },
  minutes: Math.max(0.1, Math.round(seconds / 6) / 10),
});
