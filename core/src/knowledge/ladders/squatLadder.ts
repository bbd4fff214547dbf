import type { CriterionId } from './criteria';
import type { Ladder, Rung } from './ladder';

const DEEP: readonly CriterionId[] = [
  'pain-free',
  'thigh-on-calf',
  'tall-trunk',
  'heel-stays',
  'even-feet',
];

const faded = (id: string, percent: number, name: string): Rung => ({
  id,
  name,
  how: 'Hold the weight at arm’s length, sit down between the heels, stay two breaths, stand up slowly.',
  weight: { as: 'counterweight', percent },
  criteria: DEEP,
  poses: ['standing', 'deep-squat'],
});

/** The deep squat: a weight ahead makes balance easy, and less of it is used each time until none is. */
export const SQUAT_LADDER: Ladder = {
  drill: 'fading-counterweight-squat',
  name: 'Deep squat, the help fades',
  pattern: 'squat',
  sided: false,
  rungs: [
    {
      id: 'rail',
      name: 'Holding a rail',
      how: 'Both hands on a rail at hip height. Sit down between the heels and let the hands do as little as they can.',
      weight: null,
      hand: true,
      criteria: ['pain-free', 'thighs-level', 'heel-stays', 'even-feet'],
      poses: ['standing', 'deep-squat'],
    },
    faded('ahead-10', 10, 'A tenth of the body’s mass held ahead'),
    faded('ahead-5', 5, 'Half of that held ahead'),
    faded('ahead-2', 2.5, 'A quarter of it held ahead'),
    {
      id: 'free',
      name: 'Nothing held, arms ahead',
      how: 'Arms ahead, nothing in the hands. Sit down between the heels, stay two breaths.',
      weight: null,
      criteria: DEEP,
      poses: ['standing', 'deep-squat'],
    },
    {
      id: 'arms-home',
      name: 'Hands at the chest',
      how: 'Hands folded at the chest: no help from the arms at all.',
      weight: null,
      criteria: [...DEEP, 'slow-down'],
      poses: ['standing', 'deep-squat'],
    },
    {
      id: 'sides-10',
      name: 'Weights hanging at the sides',
      how: 'A weight hangs in each hand outside the legs; same depth, same feet.',
      weight: { as: 'carried', percentPerHand: 10 },
      criteria: [...DEEP, 'slow-down'],
      poses: ['standing', 'deep-squat'],
    },
    {
      id: 'sides-20',
      name: 'A fifth of the body’s mass in each hand',
      how: 'The heaviest at the sides. Only after this does load go to the chest.',
      weight: { as: 'carried', percentPerHand: 20 },
      criteria: [...DEEP, 'slow-down'],
      poses: ['standing', 'deep-squat'],
    },
    {
      id: 'chest-25',
      name: 'Weight at the chest',
      how: 'One weight against the breastbone, elbows inside the knees.',
      weight: { as: 'at-chest', percent: 25 },
      criteria: [...DEEP, 'slow-down'],
      poses: ['standing', 'deep-squat'],
    },
  ],
};
