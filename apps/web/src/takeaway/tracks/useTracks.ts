import type { TrackFields, TrackView } from '@drop-close/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { api, Refusal } from '../../api/client';

const TRACKS = ['tracks'];
/** While one is being made the list is asked for so often, in ms. */
const OFTEN = 700;

export const isOnItsWay = ({ state }: TrackView): boolean =>
  state === 'waiting' || state === 'rendering';

/** The practice tracks there are, and what can be done with them. */
export function useTracks() {
  const queries = useQueryClient();
  const { notification } = App.useApp();
  const tracks = useQuery({
    queryKey: TRACKS,
    queryFn: api.tracks,
    refetchOnMount: 'always',
    refetchInterval: ({ state }) => (state.data?.some(isOnItsWay) ? OFTEN : false),
  });
  const refresh = () => queries.invalidateQueries({ queryKey: TRACKS });
  const onError = (error: Error): void => {
    const [first] = error instanceof Refusal ? (error.problem.errors ?? []) : [];
    const description = first?.message ?? error.message;
    notification.error({ title: 'That did not work', description });
  };
  const make = useMutation({
    mutationFn: (fields: TrackFields) => api.makeTrack(fields),
    onSuccess: refresh,
    onError,
  });
  const remove = useMutation({
    mutationFn: (track: TrackView) => api.removeTrack(track.id),
    onSuccess: refresh,
    onError,
  });
  return { tracks, make, remove };
}
