import { degOfRad } from '../../foundation/numeric/angle';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { PostureProblem } from './problem';
import type { Moments, PostureState } from './state';
import { tuckOn } from './effort';
import { LEAN, SIDE_LEAN, TILT, TURN, Y, Z } from './variables';

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
  readonly trunkLeanDeg: number;
  readonly trunkSideLeanDeg: number;
  readonly pelvisShiftMm: number;
  readonly pelvisTurnDeg: number;
  readonly pelvisTiltDeg: number;
  /** How much hip bend the low back lends by rounding. */
  readonly pelvisTuckDeg: number;
  readonly shareLeft: number;
  readonly momentsNm: Sided<Moments>;
  readonly comM: readonly [x: number, y: number, z: number];
}

const sided = <T>(of: (side: Side) => T): Sided<T> =>
  Object.fromEntries(SIDES.map((side) => [side, of(side)])) as Record<Side, T>;

/** Everything worth knowing about a posture, in degrees, millimetres and newton metres. */
export function postureReport(problem: PostureProblem, state: PostureState): PostureReport {
  const { q, legs, com, moments, shareLeft } = state;
  const angle = (
    name: 'thighRad' | 'shinLeanRad' | 'ankleBendRad' | 'kneeBendRad' | 'hipBendRad' | 'hipOpenRad',
  ) => sided((side) => degOfRad(legs[side][name]));
  const tuckRad = Math.max(...SIDES.map((side) => tuckOn(problem, state, side)));
  return {
    thighDeg: angle('thighRad'),
    hipHeightM: q[Z],
    shinLeanDeg: angle('shinLeanRad'),
    ankleBendDeg: angle('ankleBendRad'),
    kneeBendDeg: angle('kneeBendRad'),
    hipBendDeg: angle('hipBendRad'),
    hipOpenDeg: angle('hipOpenRad'),
    hipTurnOutDeg: sided((side) => degOfRad(legs[side].hipTurnOut())),
    trunkLeanDeg: degOfRad(q[LEAN]),
    trunkSideLeanDeg: degOfRad(q[SIDE_LEAN]),
    pelvisShiftMm: q[Y] * 1000,
    pelvisTurnDeg: degOfRad(q[TURN]),
    pelvisTiltDeg: degOfRad(q[TILT]),
    // Less than a thousandth of a degree is the solver's rounding, not a low back that rounds.
    pelvisTuckDeg: tuckRad < 2e-5 ? 0 : degOfRad(tuckRad),
    shareLeft,
    momentsNm: moments,
    comM: com,
  };
}
