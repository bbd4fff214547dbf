import type { CriterionId } from './criteria';
import type { Ladder } from './ladder';

const HINGED: readonly CriterionId[] = ['pain-free', 'back-keeps', 'hips-go-first', 'even-feet'];

/** The hinge: a wall to aim at, a stick to keep to, then nothing, then load from a raised start down to the floor. */
export const HINGE_LADDER: Ladder = {
  drill: 'hinge-climb',
  name: 'Hinge',
  pattern: 'hinge',
  sided: false,
  rungs: [
    {
      id: 'wall',
      name: 'Hips to a wall',
      how: 'A foot’s length from a wall. Reach back with the hips until they touch it, knees soft.',
      weight: null,
      criteria: HINGED,
      poses: ['standing', 'hinge'],
    },
    {
      id: 'stick',
      name: 'Along a stick',
      how: 'Stick along head, mid-back and tail. Hips back, and stop before the stick leaves one of the three.',
      weight: null,
      criteria: HINGED,
      poses: ['standing', 'hinge'],
    },
    {
      id: 'free',
      name: 'Free, slow',
      how: 'Nothing to touch. Three seconds down, one still, and up.',
      weight: null,
      criteria: [...HINGED, 'slow-down'],
      poses: ['standing', 'hinge'],
    },
    {
      id: 'sides-10',
      name: 'Weights at the sides, from blocks',
      how: 'Weights beside the feet on something shin-high. Hinge, take them, stand tall, put them back.',
      weight: { as: 'carried', percentPerHand: 10 },
      criteria: [...HINGED, 'slow-down'],
      poses: ['standing', 'hinge'],
    },
    {
      id: 'sides-20',
      name: 'A fifth of the body’s mass in each hand',
      how: 'The same with more, still from blocks.',
      weight: { as: 'carried', percentPerHand: 20 },
      criteria: [...HINGED, 'slow-down'],
      poses: ['standing', 'hinge'],
    },
    {
      id: 'floor-25',
      name: 'A quarter of the body’s mass in each hand, from the floor',
      how: 'From the floor, only as far down as the back keeps its shape.',
      weight: { as: 'carried', percentPerHand: 25 },
      criteria: [...HINGED, 'slow-down'],
      poses: ['standing', 'hinge'],
    },
  ],
};
