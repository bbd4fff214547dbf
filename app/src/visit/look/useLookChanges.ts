import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { useState } from 'react';
import { useUpdate } from '../../data/useFile';
import type { LookChange } from './lookState';

/** Changes to a look, each from how it stands on this device when the tap comes; the last one can be taken back. */
export function useLookChanges(look: LookRecord) {
  const update = useUpdate();
  const [before, setBefore] = useState<LookRecord | null>(null);
  const change = (next: LookChange) =>
    update('looks', look, (latest) => {
      setBefore(latest);
      return next(latest);
    });
  const undo = () => {
    if (before) update('looks', look, () => before);
    setBefore(null);
  };
  return { change, undo, canUndo: before !== null };
}
