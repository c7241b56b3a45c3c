import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { LickView } from '@drop-close/core';
import { api } from '../../api/client';
import { useKeptRows } from '../../saving/useKeptRows';

const NO_LICKS: readonly LickView[] = [];
const KEY = 'licks';

const nameOfLick = ({ name }: LickView): string => name;

/** The phrase bank of the player: the same for every tune. */
export function useLicks() {
  const queries = useQueryClient();
  const { data = NO_LICKS, error } = useQuery({ queryKey: [KEY], queryFn: api.licks });
  const { change, settle } = useKeptRows(KEY, api.saveLick, nameOfLick);
  const again = () => queries.invalidateQueries({ queryKey: [KEY] });
  const add = useMutation({ mutationFn: api.createLick, onSuccess: again });
  const remove = useMutation({
    mutationFn: async (id: string) => {
      await settle(id);
      await api.deleteLick(id);
    },
    onSuccess: again,
  });
  const restore = useMutation({ mutationFn: api.restoreLick, onSuccess: again });
  return { licks: data, failure: error?.message, add, change, remove, restore };
}
