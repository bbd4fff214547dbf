import type { DrillLoad, Reach } from '../../knowledge/drillLoad';
import type { MaybeSide } from '../../foundation/sides/side';
import type { BendLimit } from './depthCut';
import { loadAt } from './loadAt';
import { REPLACEABLE } from '../../knowledge/replaceable';

/** Of what half-way bends; to where it stops is further than any bound. Ours. */
const SHARE: Readonly<Record<Reach | 'not', number>> = {
  not: 0,
  slight: 0.5,
  half: 1,
  end: Infinity,
};

/** Whether a drill that nobody holds back would bend what hurts further than it may. */
export function wouldBend(
  load: DrillLoad,
  worked: MaybeSide,
  { part, deg, pain }: BendLimit,
): boolean {
  if (part === 'back') return load.back !== 'still';
  const reach = loadAt(load, worked, 'leg', pain.side).joints[part] ?? 'not';
  return SHARE[reach] * REPLACEABLE[part].halfDeg > deg;
}
