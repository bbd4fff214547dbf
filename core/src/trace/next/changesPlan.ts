import { oneCause } from '../../knowledge/causes';
import type { PlannedCause } from '../../planning/candidates';
import { sessionKeys } from '../../planning/planSession';
import type { SessionLimits } from '../../planning/sessionLimits';
import type { CauseNode } from '../inference/network';
import type { Outcome } from './expectedGain';

/** What comes out less often than one time in ten is not counted on. */
const RARE = 0.1;

/** What a session would be, as one string: its drills and their sides, whatever their order. */
export function planKey(
  nodes: readonly CauseNode[],
  p: readonly number[],
  limits: SessionLimits,
): string {
  const causes = nodes
    .map(({ key, cause, side }, i): PlannedCause => {
      const { kind, sentence } = oneCause(cause);
      return { key, cause, side, kind, sentence, p: p[i] };
    })
    .sort((a, b) => b.p - a.p || a.key.localeCompare(b.key));
  return [...sessionKeys({ causes }, limits)].sort().join();
}

/** What is known at one end of the outcomes, taken together until they can be counted on. */
function tail(sorted: readonly Outcome[]): readonly number[] | null {
  const taken: Outcome[] = [];
  let chance = 0;
  for (const outcome of sorted) {
    if (chance >= RARE) break;
    taken.push(outcome);
    chance += outcome.chance;
  }
  if (chance < RARE) return null;
  return taken[0].p.map(
    (_, i) => taken.reduce((sum, one) => sum + one.chance * one.p[i], 0) / chance,
  );
}

/** Whether what comes out at either end for the cause that is told most of would change the session. */
export function changesPlan(
  main: number,
  outcomes: readonly Outcome[],
  isOther: (p: readonly number[]) => boolean,
): boolean {
  const rising = [...outcomes].sort((a, b) => a.p[main] - b.p[main]);
  const ends = [tail(rising), tail([...rising].reverse())];
  return ends.some((p) => p !== null && isOther(p));
}
