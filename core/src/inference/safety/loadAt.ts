import type { DrillLoad } from '../../knowledge/drillLoad';
import type { MaybeSide } from '../../foundation/sides/side';

const NOTHING: Pick<DrillLoad, 'joints' | 'arms' | 'hand' | 'presses' | 'turnsKnee' | 'line'> = {
  joints: {},
  arms: undefined,
  hand: undefined,
  presses: undefined,
  turnsKnee: undefined,
  line: undefined,
};

/** Of the leg that is not worked: the same where both are stood on, else what is known of it. */
function onOtherLeg(load: DrillLoad): DrillLoad {
  if (load.stance === 'two' || load.stance === 'staggered') return load;
  const { otherLeg, turnsKnee } = load;
  return otherLeg ? { ...load, ...NOTHING, joints: otherLeg, turnsKnee } : { ...load, ...NOTHING };
}

/** Of the arm that is not worked: flat hands and what is held are a matter of both. */
const onOtherArm = (load: DrillLoad): DrillLoad => ({
  ...load,
  ...NOTHING,
  arms: load.arms === 'forearm' ? undefined : load.arms,
});

/** Whether two sides may be the same: what has no side is of both. */
export const mayBeSameSide = (a: MaybeSide | undefined, b: MaybeSide | undefined): boolean =>
  !a || !b || a === b;

/** What something that is done on one side does to a leg or an arm at a side. */
export function loadAt(
  load: DrillLoad,
  worked: MaybeSide,
  limb: 'leg' | 'arm',
  at: MaybeSide | undefined,
): DrillLoad {
  if (mayBeSameSide(at, worked)) return load;
  return limb === 'arm' ? onOtherArm(load) : onOtherLeg(load);
}
