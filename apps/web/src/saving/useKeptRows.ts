import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { createElement, useCallback, useEffect, useMemo } from 'react';
import { keepRow, keptRows } from '../local/rows';
import { KeptRows, type Row } from './keptRows';

interface RowKeeper<T> {
  /** Takes up a changed row. */
  readonly change: (row: T) => void;
  /** Sends what is not saved of a row; to be waited for before it is thrown away. */
  readonly settle: (id: string) => Promise<void>;
}

/**
 * Changes rows of a list that TanStack Query holds: shown at once, saved by themselves, and where another
 * place changed a row too the player is told and may take their own after all.
 * @param queryKey of the list
 */
export function useKeptRows<T extends Row>(
  queryKey: string,
  save: (row: T) => Promise<T>,
  nameOf: (row: T) => string,
): RowKeeper<T> {
  const queries = useQueryClient();
  const { notification } = App.useApp();
  const rows = useMemo(() => {
    const replace = (row: T): void => {
      queries.setQueryData<T[]>(keyOf(queryKey), (all) =>
        all?.map((each) => (each.id === row.id ? row : each)),
      );
    };
    return new KeptRows<T>({
      save,
      show: replace,
      keep: (id, unsaved) => void keepRow(queryKey, id, unsaved),
      tell: (why) => {
        notification.warning({ key: queryKey, title: 'Not saved yet', description: why });
      },
      conflict: (mine, takeMine) => {
        const onClick = (): void => {
          takeMine();
          notification.destroy(mine.id);
        };
        notification.warning({
          key: mine.id,
          title: `“${nameOf(mine)}” was changed in two places`,
          description: 'You see it as it is stored.',
          actions: createElement(Button, { onClick }, 'Take mine'),
          duration: 0,
        });
      },
    });
  }, [queries, notification, queryKey, save, nameOf]);
  // What an earlier visit could not send is in hand again, and sent.
  useEffect(() => {
    void keptRows(queryKey).then((kept) => {
      for (const { before, row } of kept) rows.change(before as T, row as T);
    });
  }, [rows, queryKey]);
  const change = useCallback(
    (row: T) => {
      const before = queries.getQueryData<T[]>(keyOf(queryKey))?.find((each) => each.id === row.id);
      if (before) rows.change(before, row);
    },
    [queries, queryKey, rows],
  );
  const settle = useCallback((id: string) => rows.settle(id), [rows]);
  return { change, settle };
}

/** A key as one text, so that it can be compared. */
const keyOf = (queryKey: string): string[] => queryKey.split(' ');
