import type { DrillRow } from '@taxikine/core/knowledge/drillRow';
import { onRung } from '@taxikine/core/knowledge/ladders/onRung';
import { plannedCauses } from '@taxikine/core/planning/session/plannedCauses';
import {
  planSession,
  type PlannedDrill,
  type SessionPlan,
} from '@taxikine/core/planning/session/planSession';
import { type SessionLimits } from '@taxikine/core/planning/session/sessionLimits';
import { NO_WISH, type SessionWish } from '@taxikine/core/records/visits/sessionWish';
import { movedTo } from '@taxikine/core/planning/session/wish';
import { careOf } from '@taxikine/core/inference/safety/careOf';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import { limitsOf } from '@taxikine/core/planning/session/limitsOf';
import type { VisitRecord } from '@taxikine/core/records/visits/visitRecord';
import { useMemo } from 'react';
import { useUpdate } from '../../data/useFile';
import { useLibrary } from '../../data/usePractice';
import type { OpenVisit } from '../../data/useVisit';
import { useDepthCut } from '../trace/useDepthCut';
import { useRungs, type ClimbedRung } from '../ladder/useRungs';

export interface SessionOf {
  readonly plan: SessionPlan;
  /** What it is chosen for. */
  readonly planned: ReturnType<typeof plannedCauses>;
  readonly limits: SessionLimits;
  readonly wish: SessionWish;
  /** All drills there are to choose from. */
  readonly library: readonly DrillRow[];
  /** The rung that a drill of a ladder climbs today, by the drill's key. */
  readonly rungs: ReadonlyMap<string, ClimbedRung>;
  readonly change: (part: (visit: VisitRecord) => Partial<VisitRecord>) => void;
  readonly wishes: (next: (wish: SessionWish) => SessionWish) => void;
  readonly move: (key: string, place: number) => void;
}

/** A drill of a ladder, told and shown as its rung of today is, with what care that asks for. */
const climbing =
  (rungs: ReadonlyMap<string, ClimbedRung>, limits: SessionLimits) =>
  (one: PlannedDrill): PlannedDrill => {
    const climbed = rungs.get(one.key);
    if (!climbed) return one;
    const drill = onRung(one.drill, climbed.ladder, climbed.today.rung);
    return { ...one, drill, care: careOf(drill, one.side, limits) };
  };

/** The session as it would be now, and everything a coach can change about it; solved anew each time. */
export function useSessionPlan(open: OpenVisit, found: Trace): SessionOf {
  const { visit } = open;
  const update = useUpdate();
  const library = useLibrary();
  const cut = useDepthCut(visit);
  const limits = useMemo(() => ({ ...limitsOf(visit), cut }), [visit, cut]);
  const { wish } = visit.visit;
  const planned = useMemo(() => plannedCauses(found, caseFileOf(visit)), [found, visit]);
  const chosen = useMemo(
    () => planSession(planned, limits, wish, library),
    [planned, limits, wish, library],
  );
  const rungs = useRungs(open, chosen.drills, wish);
  const plan = useMemo(
    () => ({ ...chosen, drills: chosen.drills.map(climbing(rungs, limits)) }),
    [chosen, rungs, limits],
  );
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
  return { plan, planned, limits, wish, library, rungs, change, wishes, move };
}
