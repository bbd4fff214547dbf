import type { DrillRow } from '@taxikine/core/knowledge/drillRow';
import { DRILLS } from '@taxikine/core/knowledge/drills';
import { ownDrillRow, type OwnDrill } from '@taxikine/core/knowledge/ownDrill';
import { NO_WEIGHTS, type Weights } from '@taxikine/core/knowledge/ladders/weights';
import type { PracticeFile } from '@taxikine/core/records/practiceFile';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from './api';
import { fileKey, pendingWrites } from './queryClient';
import { useCoach } from './session';
import { useUpdate } from './useFile';
import { EMPTY_PRACTICE, newestOf, PRACTICE, withPending } from './writes';

const KEY = fileKey(PRACTICE);

/** What the practice keeps for itself, from this device at once and from the server when it answers. */
function usePracticeFile(): PracticeFile {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: KEY,
    queryFn: async () => {
      const fetched = await call<PracticeFile>('GET', '/practice/file');
      const ours = pendingWrites(client).filter((write) => write.clientId === PRACTICE);
      return withPending(newestOf(fetched, client.getQueryData<PracticeFile>(KEY)), ours)!;
    },
  });
  return query.data ?? EMPTY_PRACTICE;
}

/** Drills that coaches of this practice made, the newest last; what was deleted is left out. */
export function useOwnDrills(): PracticeFile['ownDrills'] {
  const { ownDrills } = usePracticeFile();
  return useMemo(() => ownDrills.filter(({ removed }) => !removed), [ownDrills]);
}

/** All drills there are: those that ship, and the practice's own beside them. */
export function useLibrary(): readonly DrillRow[] {
  const own = useOwnDrills();
  return useMemo(() => [...DRILLS, ...own.map(ownDrillRow)], [own]);
}

/** A coach's own drill as a session keeps it; null for one that ships. */
export function maybeOwn(drills: PracticeFile['ownDrills'], id: string): OwnDrill | null {
  const found = drills.find((one) => one.id === id);
  if (!found) return null;
  const { removed: _, version: __, ...own } = found;
  return own;
}

/** What there is in the room to load with; nothing, where nobody has said. */
export const useWeights = (): Weights => usePracticeFile().rooms[0]?.weights ?? NO_WEIGHTS;

/** Sets what there is to load with; the room of a practice has the practice's own id. */
export function useSetWeights(): (weights: Weights) => void {
  const update = useUpdate();
  const { practice } = useCoach();
  return (weights) => {
    const room = { id: practice.id, weights };
    update('rooms', room, () => room);
  };
}
