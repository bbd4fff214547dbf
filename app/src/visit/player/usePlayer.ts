import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { useUpdate } from '../../data/useFile';
import { playerOf, type PlayerActions } from './playerOf';

/** The player of a drill in a coach's session. Every tap is kept at once. */
export function usePlayer(given: DrillRecord): PlayerActions {
  const update = useUpdate();
  return playerOf((part) => update('drills', given, (drill) => ({ ...drill, ...part(drill) })));
}
