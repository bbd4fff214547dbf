import type { ApproachId } from './approaches';
import type { Family } from './drillRow';

/** How a school works: which kinds of drill come first, and how much more it expects of some. */
export interface WorkOrder {
  /** First to last; what is not named keeps the usual order behind what is. The pattern is always last. */
  readonly first: readonly Family[];
  /** Expected effect of a family against the usual, 1 where not named. */
  readonly worth: Readonly<Partial<Record<Family, number>>>;
}

/** Order of a session where no school says otherwise: steady first, joint before muscle. */
const USUAL: readonly Family[] = [
  'reset',
  'joint',
  'nerve',
  'tissue',
  'active',
  'hold',
  'wake',
  'strengthen',
  'ladder',
  'fit',
  'pattern',
];

/** Ours, from what each school holds to be true. */
export const WORK_ORDER: Readonly<Record<ApproachId, WorkOrder>> = {
  blended: { first: [], worth: {} },
  'steady-first': { first: ['reset', 'active'], worth: { reset: 1.4, active: 1.15 } },
  'layer-by-layer': {
    first: ['reset', 'joint', 'nerve', 'tissue'],
    worth: { joint: 1.15, nerve: 1.15, tissue: 1.3, hold: 0.6 },
  },
  'time-in-position': { first: ['hold'], worth: { hold: 1.4, joint: 0.85 } },
  'strength-through-range': {
    first: ['active', 'strengthen', 'ladder'],
    worth: { active: 1.25, strengthen: 1.3, ladder: 1.4, hold: 0.6 },
  },
  'ground-up': { first: ['joint'], worth: { joint: 1.2 } },
  'wake-and-go': { first: ['wake'], worth: { wake: 1.5, strengthen: 1.1, hold: 0.5, joint: 0.85 } },
  'fit-the-movement': { first: ['fit'], worth: { fit: 1.5, joint: 0.85, hold: 0.7 } },
};

/** Families in the order of a school's session. */
export function familyOrder(approach: ApproachId): readonly Family[] {
  const { first } = WORK_ORDER[approach];
  const rest = USUAL.filter((family) => !first.includes(family));
  return [...first, ...rest];
}

/** How much a family is expected to do in a school. */
export const familyWorth = (approach: ApproachId, family: Family): number =>
  WORK_ORDER[approach].worth[family] ?? 1;
