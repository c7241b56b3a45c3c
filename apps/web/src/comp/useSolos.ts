import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { SoloLine } from '@drop-close/core';
import { api } from '../api/client';
import type { SoloView } from '../api/types';
import { useDocument } from '../document/store';

const NO_SOLOS: readonly SoloView[] = [];

/** The solo lines that hang on the tune on the desk. */
export function useSolos() {
  const tuneId = useDocument((state) => state.origin?.tuneId) ?? '';
  const key = ['solos', tuneId];
  const queries = useQueryClient();
  const { data = NO_SOLOS, error } = useQuery({
    queryKey: key,
    queryFn: () => api.solos(tuneId),
    enabled: tuneId !== '',
  });
  const again = () => queries.invalidateQueries({ queryKey: key });
  const add = useMutation({
    mutationFn: ({ name, line }: { readonly name: string; readonly line: SoloLine }) =>
      api.createSolo(tuneId, { name, line }),
    onSuccess: again,
  });
  const remove = useMutation({ mutationFn: api.deleteSolo, onSuccess: again });
  const restore = useMutation({ mutationFn: api.restoreSolo, onSuccess: again });
  return { solos: data, failure: error?.message, add, remove, restore };
}
