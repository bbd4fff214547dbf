import { arm, both, leg, UPRIGHT, type Pose } from './pose';
import { POSES_OF_CHECKS } from './posesOfChecks';

/** Poses that drills are shown in; those of checks alone have a table of their own. */
const POSES_OF_DRILLS = [
  {
    id: 'standing',
    words: 'Standing upright',
    ...UPRIGHT,
    legs: both(leg({})),
    arms: both(arm({})),
  },
  {
    id: 'squat',
    words: 'Deep squat, arms ahead',
    ...UPRIGHT,
    lean: 32,
    head: -18,
    legs: both(leg({ hip: 122, open: 12, turnOut: 8, knee: 128, ankle: 38 })),
    arms: both(arm({ raise: 122, out: 2, elbow: 6 })),
  },
  {
    id: 'hinge',
    words: 'Hinge: trunk forward from the hips, knees soft',
    ...UPRIGHT,
    lean: 62,
    head: -20,
    legs: both(leg({ hip: 74, knee: 18, ankle: 6 })),
    arms: both(arm({ raise: 60, out: 3, elbow: 4 })),
  },
  {
    id: 'lunge',
    words: 'Lunge, left foot in front',
    ...UPRIGHT,
    lean: 8,
    legs: {
      left: leg({ hip: 80, knee: 84, ankle: 12 }),
      right: leg({ hip: -16, knee: 54, ankle: 20, toes: 66 }),
    },
    arms: both(arm({})),
  },
  {
    id: 'split',
    words: 'Split squat at the bottom, left foot in front, back knee over the floor',
    ...UPRIGHT,
    lean: 6,
    legs: {
      left: leg({ hip: 102, knee: 125, ankle: 29 }),
      right: leg({ hip: -34, knee: 60, ankle: 24, toes: 74 }),
    },
    arms: both(arm({})),
  },
  {
    id: 'half-kneeling',
    words: 'Half kneeling, right knee on the floor, left foot in front',
    ...UPRIGHT,
    legs: {
      left: leg({ hip: 92, knee: 90, ankle: 2 }),
      right: leg({ hip: 0, knee: 97, ankle: -58 }),
    },
    arms: both(arm({})),
  },
  {
    id: 'lying-back',
    words: 'Lying on the back, knees bent, feet on the floor',
    ...UPRIGHT,
    lean: -90,
    legs: both(leg({ hip: 41, knee: 93, ankle: -38 })),
    arms: both(arm({ raise: -2, out: 16, elbow: 4 })),
  },
  {
    id: 'lying-straight-leg',
    words: 'Lying on the back, right leg raised straight',
    ...UPRIGHT,
    lean: -90,
    legs: { left: leg({ hip: 0, knee: 4 }), right: leg({ hip: 78, knee: 4, ankle: 4 }) },
    arms: both(arm({ raise: -2, out: 16, elbow: 4 })),
  },
  {
    id: 'lying-side',
    words: 'Lying on the right side, upper leg lifted',
    ...UPRIGHT,
    roll: 90,
    legs: {
      left: leg({ hip: 0, open: 28, turnOut: 0 }),
      right: leg({ hip: 38, open: 0, turnOut: 0, knee: 62 }),
    },
    arms: {
      left: arm({ raise: 30, out: 0, elbow: 40 }),
      right: arm({ raise: 168, out: 0, elbow: 20 }),
    },
  },
  {
    id: 'bridge',
    words: 'Bridge: on the back, hips lifted, feet on the floor',
    ...UPRIGHT,
    lean: -112,
    spine: 0,
    head: 20,
    legs: both(leg({ hip: 0, knee: 88, ankle: -22 })),
    arms: both(arm({ raise: -22, out: 14, elbow: 2 })),
  },
  {
    id: 'floor-sit',
    words: 'Floor sit, left leg bent in front, right leg bent behind, hands behind',
    ...UPRIGHT,
    lean: -14,
    head: 10,
    legs: {
      left: leg({ hip: 72, open: 38, turnOut: 86, knee: 90, ankle: 0 }),
      right: leg({ hip: 70, open: 58, turnOut: -80, knee: 90, ankle: -20 }),
    },
    arms: both(arm({ raise: -46, out: 20, elbow: 4, wrist: -70 })),
  },
  {
    id: 'soles-together',
    words: 'Sitting on the floor, soles together, knees out',
    ...UPRIGHT,
    lean: -2,
    legs: both(leg({ hip: 84, open: 50, turnOut: 86, knee: 116, ankle: -10 })),
    arms: both(arm({ raise: 40, out: 2, elbow: 30 })),
  },
  {
    id: 'wall-stretch',
    words: 'Leaning at a wall, right leg long behind, heel down',
    against: 'wall',
    ...UPRIGHT,
    lean: 16,
    legs: {
      left: leg({ hip: 52, knee: 52, ankle: 20 }),
      right: leg({ hip: -12, knee: 2, ankle: 28 }),
    },
    arms: both(arm({ raise: 88, out: 2, elbow: 34, wrist: 62 })),
  },
  {
    id: 'doorway-leg',
    words: 'Lying on the back in a doorway, left leg up the frame, right leg long',
    against: 'door-frame',
    ...UPRIGHT,
    lean: -90,
    legs: { left: leg({ hip: 82, knee: 6, ankle: 4 }), right: leg({ hip: 0, knee: 3 }) },
    arms: both(arm({ raise: -2, out: 16, elbow: 4 })),
  },
  {
    id: 'all-fours',
    words: 'On hands and knees',
    ...UPRIGHT,
    lean: 74,
    head: -4,
    legs: both(leg({ hip: 74, open: 2, turnOut: 0, knee: 94, ankle: -58 })),
    arms: both(arm({ raise: 74, out: 2, elbow: 0, wrist: 84 })),
  },
  {
    id: 'rock-back',
    words: 'On hands and knees, hips rocked back toward the heels',
    ...UPRIGHT,
    lean: 72,
    head: -4,
    legs: both(leg({ hip: 116, open: 8, turnOut: 0, knee: 134, ankle: -58 })),
    arms: both(arm({ raise: 118, out: 2, elbow: 0, wrist: 46 })),
  },
  {
    id: 'knee-up',
    words: 'Standing on the right leg, left knee lifted to the chest',
    ...UPRIGHT,
    legs: { left: leg({ hip: 108, knee: 100 }), right: leg({}) },
    arms: both(arm({})),
  },
] as const satisfies readonly Pose[];

/** Poses that drills and checks are shown in. A new one is one row. */
export const POSES = [...POSES_OF_DRILLS, ...POSES_OF_CHECKS] as const;

export type PoseId = (typeof POSES)[number]['id'];

const BY_ID: ReadonlyMap<string, Pose> = new Map(POSES.map((pose) => [pose.id, pose]));

/** A pose of the table. @throws RangeError for an unknown id */
export function onePose(id: PoseId): Pose {
  const pose = BY_ID.get(id);
  if (!pose) throw new RangeError(`no pose called ${id}`);
  return pose;
}
