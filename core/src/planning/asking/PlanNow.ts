import { oneCause } from '../../knowledge/causes';
import type { Candidate, PlannedCause } from '../session/candidates';
import { choiceWorth, sessionChoice } from '../session/planSession';
import type { SessionLimits } from '../session/sessionLimits';
import type { CauseNode } from '../../inference/trace/inference/network';
import type { Outcome } from './expectedGain';

/** Outcomes are taken together until they are this likely: what comes out less often is not counted on. */
const COUNTED = 0.2;

/**
 * What a minute of asking costs, in causes taken away. Where one cause is sure and explains what was seen, to
 * go on is to look for what nobody has seen a sign of: that has to promise a good deal more. Ours.
 */
const COST_PER_MINUTE = { open: 0.03, settled: 0.12 } as const;

/** As sure as this is sure; a rival less likely than that is none. */
const SURE = 0.95;
const NO_RIVAL = 0.25;

/** One cause is sure, and no other that could still be asked about comes near. */
export function isSettled(nodes: readonly CauseNode[], p: readonly number[]): boolean {
  const open = p.filter((_, i) => nodes[i].prior < 1);
  return open.some((one) => one > SURE) && open.every((one) => one > SURE || one <= NO_RIVAL);
}

/** What is known after some outcomes taken together, and how likely that is. */
interface Known {
  readonly chance: number;
  readonly p: readonly number[];
}

const together = (taken: readonly Outcome[]): Known => {
  const chance = taken.reduce((sum, one) => sum + one.chance, 0);
  const p = taken[0].p.map(
    (_, i) => taken.reduce((sum, one) => sum + one.chance * one.p[i], 0) / chance,
  );
  return { chance, p };
};

/** Outcomes from those that speak most against a cause to those that speak most for it, a few at a time. */
function inGroups(outcomes: readonly Outcome[], main: number): Known[] {
  const groups: Known[] = [];
  let taken: Outcome[] = [];
  for (const outcome of [...outcomes].sort((a, b) => a.p[main] - b.p[main])) {
    taken.push(outcome);
    if (taken.reduce((sum, one) => sum + one.chance, 0) < COUNTED) continue;
    groups.push(together(taken));
    taken = [];
  }
  return taken.length > 0 ? [...groups, together(taken)] : groups;
}

/** The session as it would be by these probabilities, and what it is worth by others. */
export class PlanNow {
  private readonly chosen: readonly Candidate[];
  private readonly cost: number;

  constructor(
    private readonly nodes: readonly CauseNode[],
    p: readonly number[],
    private readonly limits: SessionLimits,
  ) {
    this.chosen = sessionChoice(this.found(p), limits);
    this.cost = COST_PER_MINUTE[isSettled(nodes, p) ? 'settled' : 'open'];
  }

  private found(p: readonly number[]): { causes: PlannedCause[] } {
    const causes = this.nodes
      .map(({ key, cause, side }, i): PlannedCause => {
        const { kind, sentence } = oneCause(cause);
        return { key, cause, side, kind, sentence, p: p[i] };
      })
      .sort((a, b) => b.p - a.p || a.key.localeCompare(b.key));
    return { causes };
  }

  /** How much more the session that fits these probabilities would take away than the one there is. */
  gainBy(p: readonly number[]): number {
    const found = this.found(p);
    const better = sessionChoice(found, this.limits);
    return Math.max(
      0,
      choiceWorth(better, found, this.limits) - choiceWorth(this.chosen, found, this.limits),
    );
  }

  /** Whether asking would make the session better by more than the minutes it takes. */
  isWorthAsking(
    outcomes: readonly Outcome[],
    main: number,
    minutes: number,
    told: (p: readonly number[]) => readonly number[],
  ): boolean {
    let gain = 0;
    return inGroups(outcomes, main).some(({ chance, p }) => {
      gain += chance * this.gainBy(told(p));
      return gain > this.cost * minutes;
    });
  }
}
