/** What a rung is passed on, asked in one tap each. `of` is what it says about the body when it is missed. */
export const CRITERIA = [
  { id: 'pain-free', of: 'pain', ask: 'Free of pain', missed: 'not free of pain' },
  {
    id: 'thigh-on-calf',
    of: 'control',
    ask: 'Knee bends all the way, thigh on calf',
    missed: 'thigh does not reach the calf',
  },
  { id: 'tall-trunk', of: 'control', ask: 'Trunk stays tall', missed: 'trunk does not stay tall' },
  {
    id: 'back-leg-long',
    of: 'control',
    ask: 'Back knee off the floor, back leg long',
    missed: 'back leg does not stay long',
  },
  { id: 'heel-stays', of: 'control', ask: 'Heel stays down', missed: 'heel comes up' },
  {
    id: 'even-feet',
    of: 'symmetry',
    ask: 'Weight even, hips in the middle',
    missed: 'weight is not even',
  },
  {
    id: 'thighs-level',
    of: 'control',
    ask: 'Down to level thighs or below',
    missed: 'does not reach level thighs',
  },
  { id: 'back-keeps', of: 'control', ask: 'Back keeps its shape', missed: 'back loses its shape' },
  {
    id: 'hips-go-first',
    of: 'control',
    ask: 'Hips go back first, shins stay upright',
    missed: 'hips do not go first',
  },
  {
    id: 'knee-in-line',
    of: 'control',
    ask: 'Knee stays over the middle toes',
    missed: 'knee leaves the line of the toes',
  },
  { id: 'pelvis-level', of: 'symmetry', ask: 'Pelvis stays level', missed: 'pelvis drops' },
  {
    id: 'slow-down',
    of: 'control',
    ask: 'Slow all the way down, no drop',
    missed: 'drops the last part',
  },
] as const;

export type CriterionId = (typeof CRITERIA)[number]['id'];
export type Criterion = (typeof CRITERIA)[number];

const BY_ID: ReadonlyMap<string, Criterion> = new Map(CRITERIA.map((row) => [row.id, row]));

/** A criterion of the table. @throws RangeError for an unknown id */
export function oneCriterion(id: string): Criterion {
  const row = BY_ID.get(id);
  if (!row) throw new RangeError(`no criterion called ${id}`);
  return row;
}
