import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { HomePlanRecord } from '@taxikine/core/records/homePlans/homePlanRecord';
import type { Versioned } from '@taxikine/core/records/versioned';
import { maybeVisitFile, type VisitFile } from '@taxikine/core/inference/case/visitFile';
import type { HomeAnswer } from '@taxikine/core/records/homePlans/homePlan';
import type { HomeReport } from '@taxikine/core/planning/home/homeReports';
import { newHomePlan } from '@taxikine/core/planning/home/newHomePlan';
import { maybeCurrentPlan } from '@taxikine/core/planning/home/planAtHome';
import { useCallback, useMemo } from 'react';
import { useUpdate, useCreate } from '../data/useFile';
import { today } from '../words/when';

/** The newest visit in which something was done that can go home. */
function maybeSessionForHome(file: ClientFile): VisitFile | null {
  const newest = [...file.visits].sort((a, b) => b.openedOn.localeCompare(a.openedOn));
  for (const { id } of newest) {
    const visit = maybeVisitFile(file, id);
    if (visit && visit.drills.some(({ status }) => status !== 'skipped')) return visit;
  }
  return null;
}

/** The plan that holds now, a way to begin one, and a way to change it from its latest state. */
export function useHomePlan(file: ClientFile) {
  const create = useCreate();
  const update = useUpdate();
  const plan = useMemo(() => maybeCurrentPlan(file), [file]);
  const session = useMemo(() => maybeSessionForHome(file), [file]);
  const begin = useCallback(() => {
    if (!session) return;
    create(
      'homePlans',
      newHomePlan(file, session, {
        id: crypto.randomUUID(),
        today: today(),
        now: new Date().toISOString(),
        timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      }),
    );
  }, [file, session, create]);
  const change = useCallback(
    (part: (latest: HomePlanRecord) => Partial<HomePlanRecord>) => {
      if (plan) update('homePlans', plan, (latest) => ({ ...latest, ...part(latest) }));
    },
    [plan, update],
  );
  /** A coach's word on a report, in the plan that it was said of. */
  const answer = useCallback(
    ({ entry }: HomeReport, does: HomeAnswer['does']) => {
      const said = file.homePlans.find(({ id }) => id === entry.planId);
      if (!said) return;
      const on = new Date().toISOString();
      update('homePlans', said, (latest) => ({
        ...latest,
        answers: [...latest.answers, { entry: entry.id, does, on }],
      }));
    },
    [file.homePlans, update],
  );
  return { plan, session, begin, change, answer };
}

export type AnswerReport = ReturnType<typeof useHomePlan>['answer'];
export type ChangePlan = ReturnType<typeof useHomePlan>['change'];
export type KeptPlan = Versioned<HomePlanRecord>;
