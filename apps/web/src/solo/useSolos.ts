import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { fitLine, frameOf, type SoloLine, type SoloNote, type SoloView } from '@drop-close/core';
import { useMemo } from 'react';
import { api } from '../api/client';
import { useDocument, useTune } from '../document/store';
import { useKeptRows } from '../saving/useKeptRows';

const NO_SOLOS: readonly SoloView[] = [];

/** A solo line with its notes where they are in the tune as it is now. */
export interface SoloInHand extends SoloView {
  /** As it is stored. */
  readonly stored: SoloView;
  /** Notes of bars that the tune does not have now. */
  readonly unfit: readonly SoloNote[];
}

const nameOfSolo = ({ name }: SoloView): string => name;

/** The solo lines that hang on the tune on the desk. */
export function useSolos() {
  const tuneId = useDocument((state) => state.origin?.tuneId) ?? '';
  const key = ['solos', tuneId];
  const queries = useQueryClient();
  const { positions } = useTune();
  const { data = NO_SOLOS, error } = useQuery({
    queryKey: key,
    queryFn: () => api.solos(tuneId),
    enabled: tuneId !== '',
  });
  const { change, settle } = useKeptRows(key.join(' '), api.saveSolo, nameOfSolo);
  const again = () => queries.invalidateQueries({ queryKey: key });
  const add = useMutation({
    mutationFn: ({ name, line }: { readonly name: string; readonly line: SoloLine }) =>
      api.createSolo(tuneId, { name, line, over: frameOf(positions) }),
    onSuccess: again,
  });
  const remove = useMutation({
    mutationFn: async (id: string) => {
      await settle(id);
      await api.deleteSolo(id);
    },
    onSuccess: again,
  });
  const restore = useMutation({ mutationFn: api.restoreSolo, onSuccess: again });
  const solos = useMemo(
    () =>
      data.map((solo): SoloInHand => {
        return { ...solo, stored: solo, ...fitLine(solo.line, solo.over, positions) };
      }),
    [data, positions],
  );
  return { solos, failure: error?.message, add, change, remove, restore };
}
