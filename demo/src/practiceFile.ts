import {
  onePose,
  type OwnDrillRecord,
  type OwnPose,
  type PoseId,
  type RoomRecord,
} from '@taxikine/core';
import { demoId } from './ids';
import { DEMO_PRACTICE } from './practice';

const bare = (id: PoseId): OwnPose => {
  const { id: _, words: __, ...pose } = onePose(id);
  return pose;
};

/** The end of the quay drill: as in the slow step-down, and the arms folded. */
const arms = { raise: 42, out: 0, elbow: 118, turnOut: -30, wrist: 0 };

/** A drill that the demo's coaches made for themselves. */
export const DEMO_OWN_DRILL: OwnDrillRecord = {
  id: demoId('own-drill/quay-steps'),
  name: 'Quay steps, arms folded',
  family: 'strengthen',
  patterns: ['squat', 'split', 'lunge'],
  targets: [
    { cause: 'hip-side-strength', effect: 'small' },
    { cause: 'quad-strength', effect: 'small' },
  ],
  oneSided: true,
  dose: { by: 'reps', reps: 8, sets: 2, secondsEach: 5 },
  kit: [],
  position: 'standing',
  breath: 'in-then-up',
  how: 'On the lowest quay step, arms folded. Let the other heel down to the stones, touch, and come up as slowly.',
  feel: 'Side of the hip of the leg that stands',
  stopIf: 'the knee falls in, or pain of 3 or more',
  easier: 'A hand on the chain',
  harder: 'The second step',
  excludedBy: ['prosthesis'],
  poses: [
    { ...bare('one-leg-stand'), arms: { left: arms, right: arms } },
    { ...bare('one-leg-bend'), arms: { left: arms, right: arms } },
  ],
  removed: false,
};

/** What lies in the corner of the room. */
export const DEMO_ROOM: RoomRecord = {
  id: DEMO_PRACTICE.id,
  weights: {
    dumbbells: [
      { kg: 2, count: 2 },
      { kg: 4, count: 2 },
      { kg: 6, count: 1 },
      { kg: 8, count: 2 },
      { kg: 12, count: 2 },
    ],
    plates: [
      { kg: 1.25, count: 4 },
      { kg: 2.5, count: 4 },
      { kg: 5, count: 4 },
    ],
    handles: 2,
    handleKg: 2,
  },
};
