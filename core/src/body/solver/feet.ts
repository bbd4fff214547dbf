import type { Body } from '../segments/body';
import { asinClamped } from '../../foundation/numeric/safety';
import { type Vec3 } from '../../foundation/numeric/vector';
import { signOf, type Side } from '../../foundation/sides/side';
import type { Stance } from './stance';

/** The foot reaches this share of its length behind the ankle, the ball this far ahead of it. */
export const HEEL_BEHIND = 0.25;
export const TOE_AHEAD = 0.75;
export const BALL_AHEAD = 0.47;
/** The middle of the foot, where a body at rest presses, ahead of the ankle. */
export const MIDDLE_AHEAD = 0.25;
/** As far back and as far forward as a body can press and stay on its feet. */
export const PRESSURE_AHEAD = { least: 0.12, most: 0.4 } as const;
/** Heel to ball: what a lifted heel turns about. */
export const HEEL_TO_BALL = HEEL_BEHIND + BALL_AHEAD;

/** One foot on the ground. Metres and radians. */
export interface Foot {
  readonly side: Side;
  readonly footM: number;
  readonly ankleHeightM: number;
  /** Ankle centre before the foot has risen onto its ball. */
  readonly ankle: Vec3;
  /** Unit vector the toes point along, and the one the shin moves along. */
  readonly forward: Vec3;
  readonly shinPlane: Vec3;
  /** How far a wedge under the heel has pitched the foot. */
  readonly pitchRad: number;
  /** The foot may rise onto its ball: the rear foot of a lunge or split. */
  readonly rises: boolean;
  /** It bears the body alone. */
  readonly alone: boolean;
  /** Its middle on the ground; of a foot that rises, its ball. */
  readonly middle: Vec3;
  /** Where it presses with no share of its length ahead of the ankle, and how that moves with the share. */
  readonly pressureFrom: Vec3;
  readonly pressureBy: Vec3;
  /** Of one that stands alone, how that moves with each metre that it is pressed to the client's left of its line. */
  readonly pressureAside: Vec3;
  readonly floorM: number;
}

const heading = (side: Side, outRad: number): Vec3 => [
  Math.cos(outRad),
  signOf(side) * Math.sin(outRad),
  0,
];

/** Level, to the client's left of a level direction. */
export const leftOf = (level: Vec3): Vec3 => [-level[1], level[0], 0];

/** Where one foot stands and how a heel wedge pitches it. */
export function footOf(body: Body, stance: Stance, side: Side): Foot {
  const { footM, ankleHeightM } = body.sides[side];
  const forward = heading(side, stance.toeOutRad[side]);
  const rises = stance.rear === side;
  const front = stance.rear !== null && !rises;
  const floorM = front ? stance.frontFootLiftM : 0;
  const wedged = rises ? 0 : stance.heelLiftM[side];
  const x = rises ? -stance.stepM : 0;
  const y = (signOf(side) * stance.widthM) / 2;
  const ahead = rises ? BALL_AHEAD : MIDDLE_AHEAD;
  const middle: Vec3 = [x + ahead * footM * forward[0], y + ahead * footM * forward[1], floorM];
  return {
    side,
    footM,
    ankleHeightM,
    ankle: [x, y, floorM + ankleHeightM + (BALL_AHEAD / HEEL_TO_BALL) * wedged],
    forward,
    shinPlane: heading(side, stance.toeOutRad[side] + stance.kneeCueRad[side]),
    pitchRad: asinClamped(wedged / (HEEL_TO_BALL * footM)),
    rises,
    alone: stance.oneLeg === side,
    middle,
    // One that has risen presses with its ball, wherever the other one does.
    pressureFrom: rises ? middle : [x, y, floorM],
    pressureBy: rises ? [0, 0, 0] : [footM * forward[0], footM * forward[1], 0],
    pressureAside: stance.oneLeg === side ? leftOf(forward) : [0, 0, 0],
    floorM,
  };
}

/** Ankle of a foot that has risen by `riseRad` about its ball. */
export function ankleAt(foot: Foot, riseRad: number): Vec3 {
  if (!foot.rises) return foot.ankle;
  const { reach, height } = risen(foot, riseRad);
  const back = BALL_AHEAD * foot.footM - reach;
  return [
    foot.ankle[0] + back * foot.forward[0],
    foot.ankle[1] + back * foot.forward[1],
    foot.floorM + height,
  ];
}

/** Derivative of `ankleAt` with respect to the rise. */
export function ankleSlope(foot: Foot, riseRad: number): Vec3 {
  if (!foot.rises) return [0, 0, 0];
  const { reach, height } = risen(foot, riseRad);
  return [height * foot.forward[0], height * foot.forward[1], reach];
}

/** Ankle behind and above the ball, in metres. */
function risen({ footM, ankleHeightM }: Foot, riseRad: number) {
  const [c, s] = [Math.cos(riseRad), Math.sin(riseRad)];
  const ball = BALL_AHEAD * footM;
  return { reach: ball * c - ankleHeightM * s, height: ball * s + ankleHeightM * c };
}
