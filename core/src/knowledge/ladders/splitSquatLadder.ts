import type { CriterionId } from './criteria';
import type { Ladder } from './ladder';

const FULL_BEND: readonly CriterionId[] = [
  'pain-free',
  'thigh-on-calf',
  'tall-trunk',
  'back-leg-long',
];
const HEEL_DOWN: readonly CriterionId[] = [...FULL_BEND, 'heel-stays'];

/** The full-range split squat: first the foot comes down, then the hands go, then the heel stays, then load. */
export const SPLIT_SQUAT_LADDER: Ladder = {
  drill: 'front-foot-high-split',
  name: 'Full-range split squat',
  pattern: 'split',
  sided: true,
  rungs: [
    {
      id: 'knee-high-hands',
      name: 'Foot knee-high, both hands help',
      how: 'Front foot on something as high as the knee, both hands on a rail. Heel may rise. Let the knee close all the way.',
      weight: null,
      hand: true,
      criteria: FULL_BEND,
      poses: ['step-up-start', 'step-up-deep'],
    },
    {
      id: 'half-high-hands',
      name: 'Foot half as high, hands help',
      how: 'Half that height, hands as light as they can be. Heel may rise.',
      weight: null,
      hand: true,
      criteria: FULL_BEND,
      poses: ['low-step-start', 'low-step-deep'],
    },
    {
      id: 'hand-width-hands',
      name: 'Foot a hand’s width up, one hand helps',
      how: 'Front foot a hand’s width up, one hand on a rail. Heel may rise.',
      weight: null,
      hand: true,
      criteria: FULL_BEND,
      poses: ['lunge', 'split'],
    },
    {
      id: 'hand-width-free',
      name: 'Foot a hand’s width up, no hands',
      how: 'The same without a hand. Heel may rise.',
      weight: null,
      criteria: FULL_BEND,
      poses: ['lunge', 'split'],
    },
    {
      id: 'floor-hand',
      name: 'Foot on the floor, one hand helps',
      how: 'Both feet on the floor, one hand on a rail. Heel may rise.',
      weight: null,
      hand: true,
      criteria: FULL_BEND,
      poses: ['lunge', 'split'],
    },
    {
      id: 'floor-free',
      name: 'Foot on the floor, no hands',
      how: 'No hand. Heel may rise at the bottom.',
      weight: null,
      criteria: FULL_BEND,
      poses: ['lunge', 'split'],
    },
    {
      id: 'heel-down',
      name: 'Heel down',
      how: 'The whole front foot stays on the floor to the very bottom.',
      weight: null,
      criteria: HEEL_DOWN,
      poses: ['lunge', 'split'],
    },
    {
      id: 'sides-5',
      name: 'Light weights at the sides',
      how: 'Heel down, a light weight hanging in each hand.',
      weight: { as: 'carried', percentPerHand: 5 },
      criteria: HEEL_DOWN,
      poses: ['lunge', 'split'],
    },
    {
      id: 'sides-12',
      name: 'Weights at the sides',
      how: 'Heel down, weights hanging at the sides; the trunk is as tall as without.',
      weight: { as: 'carried', percentPerHand: 12.5 },
      criteria: HEEL_DOWN,
      poses: ['lunge', 'split'],
    },
    {
      id: 'sides-25',
      name: 'A quarter of the body’s mass in each hand',
      how: 'The heaviest at the sides. Only after this does load go anywhere more complex.',
      weight: { as: 'carried', percentPerHand: 25 },
      criteria: HEEL_DOWN,
      poses: ['lunge', 'split'],
    },
    {
      id: 'chest-25',
      name: 'Weight at the chest',
      how: 'One weight held against the breastbone; the trunk stays tall behind it.',
      weight: { as: 'at-chest', percent: 25 },
      criteria: HEEL_DOWN,
      poses: ['lunge', 'split'],
    },
  ],
};
