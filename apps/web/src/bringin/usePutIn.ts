import { MOST_AT_ONCE } from '@drop-close/core';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { createElement, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { clearDesk } from './bringInStore';
import { groupsOf, type OfferedTune } from './sources';

/** Of one request, in bytes; the server takes a little more. */
const MOST = 900_000;

/** Puts tunes into the book; all of them, or none. */
export function usePutIn(): {
  /** How many are in the book already, while that goes on. */
  readonly done: number | undefined;
  readonly putIn: (tunes: readonly OfferedTune[]) => void;
} {
  const [done, setDone] = useState<number>();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { notification } = App.useApp();
  const takeOut = async (ids: readonly string[]): Promise<void> => {
    for (const id of ids) await api.deleteTune(id);
    await queries.invalidateQueries({ queryKey: ['tunes'] });
  };
  const offerBack = (ids: readonly string[]): void => {
    const key = 'brought in';
    const onClick = (): void => {
      notification.destroy(key);
      // One of them may be on the desk.
      void Promise.resolve(navigate('/book')).then(() => takeOut(ids));
    };
    const what = ids.length === 1 ? 'One tune is' : `${ids.length} tunes are`;
    const actions = createElement(
      Button,
      { onClick },
      ids.length === 1 ? 'Take it out again' : 'Take them out again',
    );
    notification.success({ key, title: `${what} in the book`, actions, duration: 15 });
  };
  const putIn = async (tunes: readonly OfferedTune[]): Promise<void> => {
    const bodies = tunes.map(({ title, tune: { fields, solos } }) => ({
      ...{ ...fields, title: title.trim() || fields.title },
      ...{ id: crypto.randomUUID(), solos },
    }));
    const made: string[] = [];
    setDone(0);
    try {
      for (const group of groupsOf(bodies, MOST, MOST_AT_ONCE)) {
        made.push(...(await api.putIn({ tunes: group })));
        setDone(made.length);
      }
    } catch (error) {
      await takeOut(made).catch(() => undefined);
      notification.error({
        title: 'Nothing was put into the book',
        description: error instanceof Error ? error.message : String(error),
      });
      return;
    } finally {
      setDone(undefined);
    }
    clearDesk();
    await queries.invalidateQueries({ queryKey: ['tunes'] });
    offerBack(made);
    await navigate(made.length === 1 ? `/tune/${made[0] ?? ''}/chart` : '/book');
  };
  return { done, putIn: (tunes) => void putIn(tunes) };
}
