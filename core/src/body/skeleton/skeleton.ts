import type { Body } from '../segments/body';
import type { Vec3 } from '../../foundation/numeric/vector';
import type { Side } from '../../foundation/sides/side';

/** Where the joints of one leg are, in metres. */
export interface LegPoints {
  readonly hip: Vec3;
  readonly knee: Vec3;
  readonly ankle: Vec3;
  readonly heel: Vec3;
  readonly toe: Vec3;
  /** Ball of the foot, on the sole. */
  readonly ball: Vec3;
  /** Unit vectors of the foot behind the ball: along the sole, and out of its back. */
  readonly footForward: Vec3;
  readonly footUp: Vec3;
  /** The way the toes point ahead of the ball. */
  readonly toeForward: Vec3;
  /** The knee's hinge axis, to the leg's own left. */
  readonly hinge: Vec3;
}

export interface ArmPoints {
  readonly shoulder: Vec3;
  readonly elbow: Vec3;
  readonly wrist: Vec3;
  readonly fingertip: Vec3;
}

/** One body in one posture: every joint in space. */
export interface Skeleton {
  readonly body: Body;
  /** Middle of the hip line, where the low back bends, middle between the shoulders. */
  readonly pelvis: Vec3;
  readonly lowBack: Vec3;
  readonly chest: Vec3;
  readonly headTop: Vec3;
  /** From the hip line to the low back. */
  readonly pelvisUp: Vec3;
  /** Unit vectors of the chest: up along the spine, forward out of it, and to the client's left. */
  readonly trunkUp: Vec3;
  readonly trunkForward: Vec3;
  readonly trunkLeft: Vec3;
  readonly legs: Readonly<Record<Side, LegPoints>>;
  readonly arms: Readonly<Record<Side, ArmPoints>>;
}
