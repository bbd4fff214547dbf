import type { ApproachId } from './approaches';
import type { Dose, Family } from './drillRow';
import { usualDose } from './familyDoses';

/** How a school works: which kinds of drill come first, and how much more it expects of some. */
interface WorkOrder {
  /** First to last; what is not named keeps the usual order behind what is. The pattern is always last. */
  readonly first: readonly Family[];
  /** Expected effect of a family against the usual, 1 where not named. */
  readonly worth: Readonly<Partial<Record<Family, number>>>;
  /** How much more or less of a kind of drill it doses, within what is usual for the kind. */
  readonly doses: Readonly<Partial<Record<Family, DoseChange>>>;
}

/** Times what is counted in a set, and times the sets; 1 where not named. */
interface DoseChange {
  readonly amount?: number;
  readonly sets?: number;
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
const WORK_ORDER: Readonly<Record<ApproachId, WorkOrder>> = {
  blended: { first: [], worth: {}, doses: {} },
  'steady-first': {
    first: ['reset', 'active'],
    worth: { reset: 1.4, active: 1.15 },
    doses: { reset: { sets: 1.5 } },
  },
  'layer-by-layer': {
    first: ['reset', 'joint', 'nerve', 'tissue'],
    worth: { joint: 1.15, nerve: 1.15, tissue: 1.3, hold: 0.6 },
    // A stretch tests; the time goes to what stops it.
    doses: { hold: { amount: 0.7 }, tissue: { amount: 1.3 } },
  },
  'time-in-position': {
    first: ['hold'],
    worth: { hold: 1.4, joint: 0.85 },
    doses: { hold: { amount: 2 }, pattern: { amount: 1.5 } },
  },
  'strength-through-range': {
    first: ['active', 'strengthen', 'ladder'],
    worth: { active: 1.25, strengthen: 1.3, ladder: 1.4, hold: 0.6 },
    doses: { active: { sets: 1.5 }, strengthen: { sets: 1.5 }, ladder: { sets: 1.5 } },
  },
  'ground-up': { first: ['joint'], worth: { joint: 1.2 }, doses: { joint: { amount: 1.25 } } },
  'wake-and-go': {
    first: ['wake'],
    worth: { wake: 1.5, strengthen: 1.1, hold: 0.5, joint: 0.85 },
    doses: { wake: { amount: 0.75 }, strengthen: { sets: 0.7 } },
  },
  'fit-the-movement': {
    first: ['fit'],
    worth: { fit: 1.5, joint: 0.85, hold: 0.7 },
    doses: { fit: { sets: 1.5 } },
  },
};

/**
 * Families in the order of a school's session. A nerve is slid before anything pulls on its line, whatever
 * the school; only the breath comes before it.
 */
export function familyOrder(approach: ApproachId): readonly Family[] {
  const { first } = WORK_ORDER[approach];
  const rest = [...first, ...USUAL.filter((family) => !first.includes(family))].filter(
    (family) => family !== 'nerve',
  );
  const at = rest[0] === 'reset' ? 1 : 0;
  return [...rest.slice(0, at), 'nerve', ...rest.slice(at)];
}

/** How much a family is expected to do in a school. */
export const familyWorth = (approach: ApproachId, family: Family): number =>
  WORK_ORDER[approach].worth[family] ?? 1;

const times = (value: number, by = 1): number => Math.max(1, Math.round(value * by));
/** Nobody counts a hold finer than this. */
const COUNTED_S = 5;

/** What a school doses of a drill: its own dose, more or less of it, within what is usual for its kind. */
export function doseFor(
  { family, dose }: { readonly family: Family; readonly dose: Dose },
  approach: ApproachId,
): Dose {
  const change = WORK_ORDER[approach].doses[family];
  if (!change) return dose;
  const sets = times(dose.sets, change.sets);
  if (dose.by === 'hold')
    return usualDose(family, {
      ...dose,
      sets,
      seconds: COUNTED_S * times(dose.seconds / COUNTED_S, change.amount),
    });
  if (dose.by === 'breaths')
    return usualDose(family, { ...dose, sets, breaths: times(dose.breaths, change.amount) });
  return usualDose(family, { ...dose, sets, reps: times(dose.reps, change.amount) });
}
