import { arm, both, leg, UPRIGHT, type Pose } from './pose';

const AT_WALL = both(arm({ raise: 88, out: 2, elbow: 34, wrist: 62 }));
const FRONT_LEG = leg({ hip: 52, knee: 52, ankle: 20 });
const LOADED_ARM = arm({ raise: 2, out: 10, elbow: 2 });
const RAIL_ARM = arm({ raise: 34, out: 12, elbow: 70 });

/** Straight knees that move, hands that carry or hold on: the left side is worked. */
export const POSES_OF_CARRYING = [
  {
    id: 'back-heel-up',
    words: 'Leaning at a wall, left leg long behind, knee straight, heel pressed up',
    against: 'wall',
    ...UPRIGHT,
    lean: 14,
    legs: {
      left: leg({ hip: -14, knee: 2, ankle: 2, toes: 36 }),
      right: FRONT_LEG,
    },
    arms: AT_WALL,
  },
  {
    id: 'back-heel-out',
    words: 'Leaning at a wall, left leg long behind, its heel turned a little out',
    against: 'wall',
    ...UPRIGHT,
    lean: 16,
    legs: { left: leg({ hip: -12, turnOut: -14, knee: 2, ankle: 28 }), right: FRONT_LEG },
    arms: AT_WALL,
  },
  {
    id: 'back-heel-in',
    words: 'Leaning at a wall, left leg long behind, its heel turned a little in',
    against: 'wall',
    ...UPRIGHT,
    lean: 16,
    legs: { left: leg({ hip: -12, turnOut: 24, knee: 2, ankle: 28 }), right: FRONT_LEG },
    arms: AT_WALL,
  },
  {
    id: 'heel-ahead',
    words: 'Left heel ahead, both knees nearly straight, trunk upright',
    ...UPRIGHT,
    lean: 4,
    legs: {
      left: leg({ hip: 26, knee: 3, ankle: 2 }),
      right: leg({ hip: -4, knee: 8, ankle: 12 }),
    },
    arms: both(arm({ raise: 20, out: 4, elbow: 20 })),
  },
  {
    id: 'plank',
    words: 'On hands and toes, one line from head to heels',
    ...UPRIGHT,
    lean: 68,
    head: -8,
    legs: both(leg({ hip: -2, knee: 2, ankle: 14, toes: 62 })),
    arms: both(arm({ raise: 70, out: 2, elbow: 2, wrist: 76 })),
  },
  {
    id: 'long-v',
    words: 'On hands and feet, hips high, arms along the ears, back and legs long',
    ...UPRIGHT,
    lean: 118,
    legs: both(leg({ hip: 92, knee: 6, ankle: 24 })),
    arms: both(arm({ raise: 172, out: 4, elbow: 2, wrist: 40 })),
  },
  {
    id: 'carry-step',
    words: 'Standing tall on the left leg in a slow step, weight in the right hand',
    ...UPRIGHT,
    legs: { left: leg({ hip: 2, open: 0 }), right: leg({ hip: 34, knee: 48, ankle: 2 }) },
    arms: { left: arm({ raise: 6, out: 14 }), right: LOADED_ARM },
  },
  {
    id: 'carry-step-other',
    words: 'Standing tall on the right leg in a slow step, weight in the right hand',
    ...UPRIGHT,
    legs: { left: leg({ hip: 34, knee: 48, ankle: 2 }), right: leg({ hip: 2, open: 0 }) },
    arms: { left: arm({ raise: 6, out: 14 }), right: LOADED_ARM },
  },
  {
    id: 'one-leg-hinge',
    words: 'Hinged forward on the left leg, right leg back in line, right arm hanging',
    ...UPRIGHT,
    lean: 64,
    head: -16,
    legs: {
      left: leg({ hip: 76, open: -2, turnOut: 2, knee: 18, ankle: 6 }),
      right: leg({ hip: 2, knee: 8, ankle: -6 }),
    },
    arms: { left: arm({ raise: 104, out: 6, elbow: 8 }), right: arm({ raise: 62, elbow: 2 }) },
  },
  {
    id: 'hand-on-rail',
    words: 'Standing on both feet, left hand on a rail',
    ...UPRIGHT,
    legs: both(leg({})),
    arms: { left: RAIL_ARM, right: arm({}) },
  },
  {
    id: 'other-knee-up-held',
    words: 'Standing on the left leg, right knee lifted, left hand on a rail',
    ...UPRIGHT,
    legs: { left: leg({ open: 0 }), right: leg({ hip: 82, knee: 88 }) },
    arms: { left: RAIL_ARM, right: arm({}) },
  },
  {
    id: 'seated-short-foot',
    words: 'Sitting, left foot drawn short on the floor, toes long',
    against: 'seat',
    ...UPRIGHT,
    lean: 10,
    head: 14,
    legs: {
      left: leg({ hip: 100, open: 2, turnOut: 4, knee: 86, ankle: -4, toes: -6 }),
      right: leg({ hip: 100, open: 2, turnOut: 4, knee: 90, ankle: 0 }),
    },
    arms: both(arm({ raise: 26, out: 4, elbow: 30 })),
  },
] as const satisfies readonly Pose[];
