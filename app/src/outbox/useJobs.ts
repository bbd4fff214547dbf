import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../data/api';

/** A job as the server shows it. */
export interface JobShown {
  readonly id: string;
  readonly queue: string;
  readonly clientId: string | null;
  readonly since: string;
  readonly tries: number;
  readonly state: 'waiting' | 'retrying' | 'failed';
  readonly problem: string | null;
}

export interface JobsShown {
  readonly working: boolean;
  readonly underWay: number;
  readonly stuck: readonly JobShown[];
  readonly names: Readonly<Record<string, string>>;
}

export const JOBS_KEY = ['jobs'];

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
