import type { DrillRow } from '../../knowledge/drillRow';
import { DRILLS } from '../../knowledge/drills';
import type { MaybeSide } from '../../foundation/sides/side';
import { LIKELY_ENOUGH } from '../../inference/trace/likelyEnough';
import { candidatesOf, type Candidate, type PlannedCause } from './candidates';
import { drillKey } from '../../knowledge/keys';
import { maybeAgainst, type Against } from './reasonAgainst';
import type { SessionLimits } from './sessionLimits';
import type { DrillOnSide } from '../../knowledge/keys';

/** A drill that could be done instead, and what speaks against it. */
export interface Swap {
  readonly key: string;
  readonly drill: DrillRow;
  readonly side: MaybeSide;
  readonly minutes: number;
  readonly against: Against | null;
}

const shareFor = ({ serves }: Candidate, target: string): number =>
  serves.find((one) => one.target === target)?.share ?? 0;

/**
 * Other drills for the cause that one aims at first, what would do most of it first. What no caution
 * allows is left out; what breaks a rule of the coach's own to break is there, with the rule.
 */
export function swapsFor(
  one: DrillOnSide,
  found: { readonly causes: readonly PlannedCause[] },
  limits: SessionLimits,
  library: readonly DrillRow[] = DRILLS,
): Swap[] {
  const likely = found.causes.filter(({ p }) => p >= LIKELY_ENOUGH);
  const all = library
    .filter(({ patterns }) => patterns === undefined || patterns.includes(limits.pattern))
    .flatMap((drill) => candidatesOf(drill, likely, limits.approach));
  const key = drillKey(one);
  const own = all.find((candidate) => candidate.key === key);
  const isPattern = own?.drill.family === 'pattern';
  const [main] = own?.aimed ?? [];
  return all
    .filter((other) => other.key !== key)
    .filter((other) =>
      isPattern
        ? other.drill.family === 'pattern'
        : main !== undefined && other.drill.family !== 'pattern' && shareFor(other, main.key) > 0,
    )
    .map((other) => ({ other, against: maybeAgainst(other, likely, limits) }))
    .filter(({ against }) => !against?.firm)
    .sort(
      (a, b) =>
        Number(a.against !== null) - Number(b.against !== null) ||
        (main ? shareFor(b.other, main.key) - shareFor(a.other, main.key) : 0),
    )
    .map(({ other: { key: swap, drill, side, minutes }, against }) => ({
      key: swap,
      drill,
      side,
      minutes,
      against,
    }));
}
