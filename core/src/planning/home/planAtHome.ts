import { hasConsent, openReferrals } from '../../inference/safety/gate';
import { standingOf, type Standing } from '../../inference/safety/standing';
import type { Pain } from '../../records/case/caseFile';
import type { ClientFile } from '../../records/clientFile';
import type { HomePlanRecord } from '../../records/homePlans/homePlanRecord';
import type { Versioned } from '../../records/versioned';
import type { HomeEntry } from '../../records/homeEntries/homeEntry';
import { painsAtHome } from './painsAtHome';

/** A plan with what stands about its client today, and what was last told to hurt. */
export type CurrentPlan = Versioned<HomePlanRecord> & {
  readonly standing: Standing;
  readonly pains: readonly Pain[];
};

/**
 * The plan that holds: the newest that nobody has ended. Flags and pains are those of today: what became known
 * since it was made keeps a drill out of it as well.
 */
export function maybeCurrentPlan(file: ClientFile): CurrentPlan | null {
  const newest = file.homePlans
    .filter(({ endedOn }) => !endedOn)
    .sort((a, b) => a.madeOn.localeCompare(b.madeOn))
    .at(-1);
  if (!newest) return null;
  const standing = standingOf(file.client);
  const { pains } = painsAtHome(file, newest);
  return { ...newest, flags: [...standing.flags], standing, pains };
}

/** What was said of a plan. What was said of an earlier one stopped that one's drills, and was answered there. */
export const entriesOf = (
  { homeEntries }: Pick<ClientFile, 'homeEntries'>,
  { id }: Pick<HomePlanRecord, 'id'>,
): HomeEntry[] => homeEntries.filter(({ planId }) => planId === id);

export interface PlanAtHome {
  readonly plan: CurrentPlan;
  readonly entries: readonly HomeEntry[];
}

/**
 * The plan as it may leave the practice, on a page, in a calendar or on paper: null without one, without
 * consent, and while a stop-and-refer answer holds the client back.
 */
export function maybeOpenPlan(file: ClientFile): PlanAtHome | null {
  const plan = maybeCurrentPlan(file);
  if (!plan || !hasConsent(file) || openReferrals(file, null).length > 0) return null;
  return { plan, entries: entriesOf(file, plan) };
}
