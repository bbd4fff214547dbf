import { causeOfKey } from '../../knowledge/keys';
import type { CauseId } from '../../knowledge/causes';
import type { Family } from '../../knowledge/drillRow';
import type { PlannedCause } from '../../planning/session/candidates';
import { doseWords } from '../../knowledge/doseSeconds';
import type { LeftOut } from '../../planning/session/leftOut';
import { planSession } from '../../planning/session/planSession';
import { type SessionLimits } from '../../planning/session/sessionLimits';
import { NO_WISH, type SessionWish } from '../../records/visits/sessionWish';
import type { BrokenRule } from '../../planning/session/sessionRules';
import type { MaybeSide } from '../../foundation/sides/side';

/** A session as the command line prints it. */
export interface ReportedPlan {
  minutes: number;
  drills: {
    drill: string;
    family: Family;
    side: MaybeSide;
    targets: CauseId[];
    dose: string;
    minutes: number;
    why: string;
    care: readonly string[];
  }[];
  leftOut: readonly { drill: string; reason: string }[];
  /** Why it does not use its minutes; null when it does. */
  spare: string | null;
  /** Rules that what was locked or ordered does not keep. */
  broken: readonly BrokenRule[];
  /** What was locked and no caution allows. */
  refused: readonly { drill: string; reason: string }[];
}

export const NO_PLAN: ReportedPlan = {
  minutes: 0,
  drills: [],
  leftOut: [],
  spare: null,
  broken: [],
  refused: [],
};

const rounded = (value: number): number => Number(value.toFixed(1));

const printed = ({ drill, reason }: LeftOut) => ({ drill, reason });

/** The session for these causes, as it is printed. */
export function planReport(
  found: { readonly causes: readonly PlannedCause[] },
  limits: SessionLimits,
  wish: SessionWish = NO_WISH,
): ReportedPlan {
  const { drills, leftOut, spare, broken, refused } = planSession(found, limits, wish);
  return {
    minutes: rounded(drills.reduce((sum, one) => sum + one.minutes, 0)),
    drills: drills.map(({ drill, side, targets, dose, minutes, why, care }) => ({
      drill: drill.id,
      family: drill.family,
      side,
      targets: [...new Set(targets.map((key) => causeOfKey(key).cause))],
      dose: doseWords(dose),
      minutes: rounded(minutes),
      why,
      care,
    })),
    leftOut: leftOut.map(printed),
    spare,
    broken,
    refused: refused.map(printed),
  };
}
