import type { DrillLoad, LoadedJoint, Reach } from '../../knowledge/drillLoad';
import type { RegionRow } from '../../knowledge/regions';

/** How much a drill asks of a place. */
export type Ask = 'nothing' | 'little' | 'much';

/** A joint that is taken to its end, bent half-way under the body, or stood on under a weight, is asked for much. */
function askOfJoint(reach: Reach | undefined, { carries }: DrillLoad): Ask {
  if (reach === undefined) return 'nothing';
  const bears = carries === 'weight' || (reach === 'half' && carries === 'body');
  return reach === 'end' || bears ? 'much' : 'little';
}

const askOfBack = ({ back, carries }: DrillLoad): Ask =>
  back !== 'still' || carries === 'weight' ? 'much' : 'nothing';

/** What kneeling, twisting and pressing add where a place is touched by them. */
function askOfPressure(
  { kneels, twists, pressed }: RegionRow,
  { on, presses, turnsKnee }: DrillLoad,
): Ask {
  const isTouched =
    (twists && turnsKnee) || (pressed && presses) || (kneels && on === 'knees') || false;
  return isTouched ? 'much' : 'nothing';
}

/** Joints of an arm that bears something. */
const BORNE_BY: Readonly<Record<NonNullable<DrillLoad['arms']>, readonly LoadedJoint[]>> = {
  'flat-hands': ['wrist', 'elbow', 'shoulder'],
  forearm: ['elbow', 'shoulder'],
  grip: ['wrist', 'elbow', 'shoulder'],
};

/** A hand on a support only steadies. */
function askOfArm(joint: LoadedJoint, { arms, hand }: DrillLoad): Ask {
  if (arms && BORNE_BY[arms].includes(joint)) return 'much';
  return hand && BORNE_BY.grip.includes(joint) ? 'little' : 'nothing';
}

/** How much what is done asks of a place: enough to make it easier where it hurts, or to leave it out. */
export function askOf(region: RegionRow, load: DrillLoad): Ask {
  const asks = [
    ...region.joints.flatMap((joint) => [
      askOfJoint(load.joints[joint], load),
      askOfArm(joint, load),
    ]),
    ...(region.isBack ? [askOfBack(load)] : []),
    askOfPressure(region, load),
  ];
  return (['much', 'little'] as const).find((one) => asks.includes(one)) ?? 'nothing';
}
