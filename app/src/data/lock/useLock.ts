import { useEffect } from 'react';
import type { Session } from '../session';
import { useStore } from '../../device/store';
import { hasCode } from './deviceCode';
import { followLock, lock, locked } from './locked';
import { watchIdle } from './watchIdle';

const MINUTE_MS = 60_000;

/** Whether the screen of whoever is signed in is locked; locks it when no hand was on it for long. */
export function useLock({ coach: { id }, practice: { idleMin } }: Session): boolean {
  useEffect(followLock, []);
  useEffect(
    () => (idleMin ? watchIdle(idleMin * MINUTE_MS, () => lock(id)) : undefined),
    [id, idleMin],
  );
  return useStore(locked) === id;
}

/** A lock that somebody uses is under the thumb on every screen. */
export const isLockWanted = ({ coach, practice }: Session): boolean =>
  Boolean(practice.idleMin) || hasCode(coach.id);
