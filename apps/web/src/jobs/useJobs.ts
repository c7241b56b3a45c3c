import type { EtudesFields, JobState, JobView, PartsFields } from '@drop-close/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { useSayRefused } from '../api/useSayRefused';

const JOBS = ['jobs'];
/** While one is being done the list is asked for so often, in ms. */
export const OFTEN = 700;

export const isOnItsWay = ({ state }: { readonly state: JobState }): boolean =>
  state === 'waiting' || state === 'working';

/** The long work that is asked for, being done, or done: the parts of sets, études in all keys. */
export const useJobs = () =>
  useQuery({
    queryKey: JOBS,
    queryFn: api.jobs,
    refetchInterval: ({ state }) => (state.data?.some(isOnItsWay) ? OFTEN : false),
  });

/** What can be done with long work. */
export function useJobActions() {
  const queries = useQueryClient();
  const onError = useSayRefused();
  const refresh = () => queries.invalidateQueries({ queryKey: JOBS });
  // Listed at once, so that it is seen to finish even where that takes less than a look.
  const onAsked = (job: JobView) => {
    queries.setQueryData<JobView[]>(JOBS, (list = []) => [job, ...list]);
    return refresh();
  };
  const askParts = useMutation({
    mutationFn: (fields: PartsFields) => api.makeParts(fields),
    ...{ onSuccess: onAsked, onError },
  });
  const askEtudes = useMutation({
    mutationFn: (fields: EtudesFields) => api.makeEtudes(fields),
    ...{ onSuccess: onAsked, onError },
  });
  const remove = useMutation({
    mutationFn: ({ id }: JobView) => api.removeJob(id),
    ...{ onSuccess: refresh, onError },
  });
  return { askParts, askEtudes, remove };
}

/** The address of the file that a job made. */
export const fileOf = ({ id }: JobView): string => `/api/jobs/${id}/file`;
