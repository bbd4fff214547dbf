import type { DrillLoad } from '../drillLoad';
import { DRILL_LOADS } from '../drillLoads';
import { isLoaded, type Ladder, type Rung, type RungWeight } from './ladder';

/** Together, of the body's mass: more is no light weight. Ours. */
const LIGHT_PERCENT = 20;

const percentOf = (weight: RungWeight): number =>
  weight.as === 'carried' ? 2 * weight.percentPerHand : weight.percent;

/** What a weight in the hands adds; one that only helps the balance is borne by the arms alone. */
function ofWeight(rung: Rung): Partial<DrillLoad> {
  const { weight } = rung;
  if (!weight) return {};
  if (!isLoaded(rung)) return { arms: 'grip' };
  const heavy = percentOf(weight) > LIGHT_PERCENT ? ({ heavy: true } as const) : {};
  return { arms: 'grip', carries: 'weight', ...heavy };
}

/** What a rung does to a body: what the ladder does, with or without a hand, with its weight, as deep as it goes. */
export function loadOfRung({ drill }: Pick<Ladder, 'drill'>, rung: Rung): DrillLoad {
  const { hand: _, joints, ...ladder } = DRILL_LOADS[drill];
  const neck = rung.weight && isLoaded(rung) ? ({ neck: 'slight' } as const) : {};
  return {
    ...ladder,
    joints: { ...joints, ...neck, ...rung.joints },
    ...(rung.hand ? { hand: true } : {}),
    ...ofWeight(rung),
  };
}
