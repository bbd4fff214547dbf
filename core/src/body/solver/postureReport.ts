import { degOfRad } from '../../foundation/numeric/angle';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { PostureProblem } from './problem';
import { backMomentOf, momentsOf, type Moments } from './moments';
import { pullOf, type PostureState } from './state';
import { LEAN, LUMBAR, SIDE_LEAN, TILT, TURN, Y, Z } from './variables';

type Sided<T> = Readonly<Record<Side, T>>;

/**
 * A posture in a coach's units. Thigh: 0 level, positive not there yet. Shift: positive to the
 * client's left; turn: positive left side back; tilt: positive left side up.
 */
export interface PostureReport {
  readonly thighDeg: Sided<number>;
  readonly hipHeightM: number;
  readonly shinLeanDeg: Sided<number>;
  readonly ankleBendDeg: Sided<number>;
  readonly kneeBendDeg: Sided<number>;
  readonly hipBendDeg: Sided<number>;
  readonly hipOpenDeg: Sided<number>;
  readonly hipTurnOutDeg: Sided<number>;
  /** The shin to a side of its foot; positive: outward. */
  readonly shinTiltDeg: Sided<number>;
  /** The knee to a side of the line its foot points along; positive: outside it. */
  readonly kneeOutMm: Sided<number>;
  /** Of the chest, of the pelvis, and what the low back bends between them. */
  readonly trunkLeanDeg: number;
  readonly pelvisLeanDeg: number;
  readonly lumbarBendDeg: number;
  readonly trunkSideLeanDeg: number;
  readonly pelvisShiftMm: number;
  readonly pelvisTurnDeg: number;
  readonly pelvisTiltDeg: number;
  /** Where the ground pushes, ahead of the ankles and to the client's left, in metres. */
  readonly pressureM: readonly [ahead: number, left: number];
  /** The same on each foot, ahead of its ankle as a share of its length. */
  readonly pressureAhead: number;
  readonly shareLeft: number;
  /** How hard a hand on a post is pulled forward; 0 without one. */
  readonly pullNewton: number;
  readonly momentsNm: Sided<Moments>;
  readonly backMomentNm: number;
  readonly comM: readonly [x: number, y: number, z: number];
}

const sided = <T>(of: (side: Side) => T): Sided<T> =>
  Object.fromEntries(SIDES.map((side) => [side, of(side)])) as Record<Side, T>;

/** Where the ground pushes: on the line between both feet's places, by the share on each. */
function pressedAt({ pressure: { at, shareLeft } }: PostureState): readonly [number, number] {
  const part = (k: 0 | 1) => shareLeft * at.left[k] + (1 - shareLeft) * at.right[k];
  return [part(0), part(1)];
}

/** Everything worth knowing about a posture, in degrees, millimetres and newton metres. */
export function postureReport(problem: PostureProblem, state: PostureState): PostureReport {
  const { q, legs, com, pressure } = state;
  const angle = (
    name:
      | 'thighRad'
      | 'shinLeanRad'
      | 'ankleBendRad'
      | 'kneeBendRad'
      | 'hipBendRad'
      | 'hipOpenRad'
      | 'shinTiltRad',
  ) => sided((side) => degOfRad(legs[side][name]));
  return {
    thighDeg: angle('thighRad'),
    hipHeightM: q[Z],
    shinLeanDeg: angle('shinLeanRad'),
    ankleBendDeg: angle('ankleBendRad'),
    kneeBendDeg: angle('kneeBendRad'),
    hipBendDeg: angle('hipBendRad'),
    hipOpenDeg: angle('hipOpenRad'),
    hipTurnOutDeg: sided((side) => degOfRad(legs[side].hipTurnOut())),
    shinTiltDeg: angle('shinTiltRad'),
    kneeOutMm: sided(
      (side) => 1000 * problem.body.sides[side].shankM * Math.sin(legs[side].shinTiltRad),
    ),
    trunkLeanDeg: degOfRad(q[LEAN]),
    pelvisLeanDeg: degOfRad(q[LEAN] - q[LUMBAR]),
    lumbarBendDeg: degOfRad(q[LUMBAR]),
    trunkSideLeanDeg: degOfRad(q[SIDE_LEAN]),
    pelvisShiftMm: q[Y] * 1000,
    pelvisTurnDeg: degOfRad(q[TURN]),
    pelvisTiltDeg: degOfRad(q[TILT]),
    pressureM: pressedAt(state),
    pressureAhead: pressure.ahead,
    shareLeft: pressure.shareLeft,
    pullNewton: pullOf(problem, q),
    momentsNm: sided((side) => momentsOf(problem, state, side)),
    backMomentNm: backMomentOf(problem, state),
    comM: com,
  };
}
