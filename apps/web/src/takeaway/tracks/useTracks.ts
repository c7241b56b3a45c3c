import type { TrackFields, TrackView } from '@drop-close/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client';
import { useSayRefused } from '../../api/useSayRefused';
import { isOnItsWay, OFTEN } from '../../jobs/useJobs';

const TRACKS = ['tracks'];
/** The practice tracks there are, and what can be done with them. */
export function useTracks() {
  const queries = useQueryClient();
  const tracks = useQuery({
    queryKey: TRACKS,
    queryFn: api.tracks,
    refetchOnMount: 'always',
    refetchInterval: ({ state }) => (state.data?.some(isOnItsWay) ? OFTEN : false),
  });
  const refresh = () => queries.invalidateQueries({ queryKey: TRACKS });
  const onError = useSayRefused();
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
