import {
  movedTo,
  NO_WISH,
  planSession,
  type SessionLimits,
  type SessionPlan,
  type SessionWish,
  type Trace,
  type VisitFile,
  type VisitRecord,
} from '@taxikine/core';
import { useMemo } from 'react';
import { useUpdate } from '../data/useFile';

/** What a session of this visit has to fit. */
export function limitsOf({ visit, client }: VisitFile): SessionLimits {
  const { pattern, minutes, next, kit } = visit;
  return { pattern, minutes, next, kit, flags: client.flags, approach: client.approach };
}

export interface SessionOf {
  readonly plan: SessionPlan;
  readonly limits: SessionLimits;
  readonly wish: SessionWish;
  readonly change: (part: (visit: VisitRecord) => Partial<VisitRecord>) => void;
  readonly wishes: (next: (wish: SessionWish) => SessionWish) => void;
  readonly move: (key: string, place: number) => void;
}

/** The session as it would be now, and everything a coach can change about it; solved anew each time. */
export function useSessionPlan(visit: VisitFile, found: Trace): SessionOf {
  const update = useUpdate();
  const limits = useMemo(() => limitsOf(visit), [visit]);
  const { wish } = visit.visit;
  const plan = useMemo(() => planSession(found, limits, wish), [found, limits, wish]);
  const change: SessionOf['change'] = (part) =>
    update('visits', visit.visit, (latest) => ({ ...latest, ...part(latest) }));
  const wishes: SessionOf['wishes'] = (next) =>
    change((latest) => ({ wish: next(latest.wish ?? NO_WISH) }));
  const move = (key: string, place: number) => {
    const order = movedTo(
      plan.drills.map((one) => one.key),
      key,
      place,
    );
    wishes((latest) => ({ ...latest, order }));
  };
  return { plan, limits, wish, change, wishes, move };
}
