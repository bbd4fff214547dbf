import type { ConsentWording } from '@taxikine/core/records/wire/settings';
import { useQuery } from '@tanstack/react-query';
import { call } from '../../data/api';

export const WORDINGS_KEY = ['wordings'] as const;

/** Every wording that the practice ever had, the newest first; none while nobody answers. */
export function useWordings(): readonly ConsentWording[] {
  const query = useQuery({
    queryKey: WORDINGS_KEY,
    queryFn: () =>
      call<{ wordings: ConsentWording[] }>('GET', '/practice/wordings').then(
        ({ wordings }) => wordings,
      ),
  });
  return query.data ?? [];
}
