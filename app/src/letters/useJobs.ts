import type { JobsShown } from '@taxikine/core/records/wire/jobsShown';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../data/api';

const JOBS_KEY = ['jobs'];

/** How the background work stands, looked up again every so many milliseconds. */
export function useJobs(everyMs: number) {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: JOBS_KEY,
    queryFn: () => call<JobsShown>('GET', '/jobs'),
    refetchInterval: everyMs,
    staleTime: 0,
  });
  const again = async (id: string) => {
    await call('POST', `/jobs/${id}/again`);
    await client.invalidateQueries({ queryKey: JOBS_KEY });
  };
  return { jobs: query.data, error: query.error, again };
}
