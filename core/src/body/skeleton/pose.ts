import type { Side } from '../../foundation/sides/side';
import type { Scenery } from './scenery';

/** One leg of a pose in degrees; 0 is standing. */
export interface LegPose {
  /** Hip bend: thigh forward of the pelvis; negative behind it. */
  readonly hip: number;
  readonly open: number;
  readonly turnOut: number;
  readonly knee: number;
  /** Shin and foot turned under the thigh, outward. */
  readonly shinTurn: number;
  /** Foot up toward the shin; negative pointed. */
  readonly ankle: number;
  /** Toes up against the foot. */
  readonly toes: number;
}

/** One arm of a pose in degrees; 0 hangs at the side. */
export interface ArmPose {
  readonly raise: number;
  readonly out: number;
  readonly elbow: number;
  /** Turns the upper arm about its length, outward. */
  readonly turnOut: number;
  /** Hand bent back, as when it holds the floor. */
  readonly wrist: number;
}

/** A body in angles, for drawing what no feet-on-the-floor solver stands in. Degrees. */
export interface Pose {
  readonly id: string;
  /** Said to those who do not see it. */
  readonly words: string;
  /** The pelvis: leaned forward (−90 lies on the back), rolled (90 lies on the right side), turned. */
  readonly lean: number;
  readonly roll: number;
  readonly turn: number;
  /** Trunk bent forward against the pelvis, head against the trunk. */
  readonly spine: number;
  /** Chest turned to the left on the pelvis. */
  readonly twist?: number;
  readonly head: number;
  readonly legs: Readonly<Record<Side, LegPose>>;
  readonly arms: Readonly<Record<Side, ArmPose>>;
  /** What the body leans on, when it leans on something. */
  readonly against?: Scenery;
}

/** Angles of a pose that belong to the trunk and not to a limb. */
export type BodyAngle = 'lean' | 'roll' | 'turn' | 'spine' | 'twist' | 'head';

/** What a living body shows, in degrees; every pose keeps within it. */
export const POSE_LIMITS: Readonly<{
  leg: Readonly<Record<keyof LegPose, readonly [number, number]>>;
  arm: Readonly<Record<keyof ArmPose, readonly [number, number]>>;
  body: Readonly<Record<BodyAngle, readonly [number, number]>>;
}> = {
  leg: {
    hip: [-35, 145],
    open: [-30, 75],
    // In a floor sit the pelvis and the knee give a part of what is drawn here as the hip's.
    turnOut: [-85, 88],
    knee: [0, 155],
    shinTurn: [-40, 50],
    ankle: [-60, 45],
    toes: [-30, 85],
  },
  arm: {
    raise: [-60, 185],
    out: [-60, 120],
    elbow: [0, 150],
    turnOut: [-95, 95],
    wrist: [-80, 90],
  },
  body: {
    lean: [-120, 120],
    roll: [-90, 90],
    turn: [-180, 180],
    spine: [-40, 90],
    twist: [-60, 60],
    head: [-60, 60],
  },
};

const STRAIGHT_LEG: LegPose = {
  hip: 0,
  open: 3,
  turnOut: 8,
  knee: 3,
  shinTurn: 0,
  ankle: 2,
  toes: 0,
};
const HANGING_ARM: ArmPose = { raise: 4, out: 8, elbow: 12, turnOut: 0, wrist: 0 };

export const leg = (part: Partial<LegPose>): LegPose => ({ ...STRAIGHT_LEG, ...part });
export const arm = (part: Partial<ArmPose>): ArmPose => ({ ...HANGING_ARM, ...part });
export const both = <T>(one: T): Readonly<Record<Side, T>> => ({ left: one, right: one });

/** A trunk that stands straight over its pelvis. */
export const UPRIGHT = { lean: 0, roll: 0, turn: 0, spine: 0, head: 0 } as const;
