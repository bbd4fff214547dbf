import type { CriterionId } from './criteria';
import type { Ladder } from './ladder';

const STEADY: readonly CriterionId[] = ['pain-free', 'knee-in-line', 'pelvis-level', 'slow-down'];
const WITH_HEEL: readonly CriterionId[] = [...STEADY, 'heel-stays'];

/** Below a chair's height. */
const DEEP = { hip: 'end', knee: 'end' } as const;

/** One leg: down to a seat that gets lower, then down from a step, then with something in the hands. */
export const ONE_LEG_LADDER: Ladder = {
  drill: 'one-leg-climb',
  name: 'Squat on one leg',
  pattern: 'squat',
  sided: true,
  rungs: [
    {
      id: 'high-seat-hand',
      name: 'To a high seat, one hand helps',
      how: 'Seat above the knee, one hand on a rail. Sit down on one leg without a drop, stand up on both.',
      weight: null,
      hand: true,
      criteria: STEADY,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
    {
      id: 'high-seat',
      name: 'To a high seat, no hand',
      how: 'The same without the hand; touch the seat, do not fall into it.',
      weight: null,
      criteria: STEADY,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
    {
      id: 'seat-up',
      name: 'To a high seat and up again on one leg',
      how: 'Down and up on the same leg, other foot just off the floor.',
      weight: null,
      criteria: WITH_HEEL,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
    {
      id: 'chair',
      name: 'To a chair and up',
      how: 'A seat at knee height, down and up on one leg.',
      weight: null,
      criteria: WITH_HEEL,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
    {
      id: 'step-ahead',
      name: 'From a step, a light weight held ahead',
      how: 'Stand on a step, free leg past its edge. A light weight ahead keeps the balance; go below a chair’s height.',
      weight: { as: 'counterweight', percent: 5 },
      joints: DEEP,
      criteria: WITH_HEEL,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
    {
      id: 'step-free',
      name: 'From a step, nothing held',
      how: 'The same with empty hands.',
      weight: null,
      joints: DEEP,
      criteria: WITH_HEEL,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
    {
      id: 'sides-5',
      name: 'Light weights at the sides',
      how: 'To a chair and up, a light weight hanging in each hand.',
      weight: { as: 'carried', percentPerHand: 5 },
      criteria: WITH_HEEL,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
    {
      id: 'sides-12',
      name: 'Weights at the sides',
      how: 'To a chair and up, with more.',
      weight: { as: 'carried', percentPerHand: 12.5 },
      criteria: WITH_HEEL,
      poses: ['one-leg-stand', 'one-leg-bend'],
    },
  ],
};
