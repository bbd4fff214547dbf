/** So many of one size. */
export interface Sized {
  readonly kg: number;
  readonly count: number;
}

/** What there is in a room to load a movement with. */
export interface Weights {
  readonly dumbbells: readonly Sized[];
  readonly plates: readonly Sized[];
  /** Short bars that plates go on, the same on both ends. */
  readonly handles: number;
  readonly handleKg: number;
}

export const NO_WEIGHTS: Weights = { dumbbells: [], plates: [], handles: 0, handleKg: 2 };

/** One weight that can be put together, and of what. */
export interface Made {
  readonly kg: number;
  readonly of: string;
}

const GRAMS = 1000;
const inGrams = (kg: number): number => Math.round(kg * GRAMS);

/** "2 × 2.5 kg" */
const timesWords = ({ kg, count }: Sized): string => `${count} × ${kg} kg`;

/** Every sum of plates on one end of a handle, with the fewest plates it takes. */
function loadsOfOneEnd(sizes: readonly Sized[]): ReadonlyMap<number, readonly Sized[]> {
  const pieces = (plates: readonly Sized[]) => plates.reduce((sum, { count }) => sum + count, 0);
  return sizes.reduce<ReadonlyMap<number, readonly Sized[]>>(
    (sofar, { kg, count }) => {
      const next = new Map(sofar);
      for (const [grams, plates] of sofar)
        for (let n = 1; n <= count; n++) {
          const sum = grams + n * inGrams(kg);
          const made = [...plates, { kg, count: n }];
          const known = next.get(sum);
          if (!known || pieces(known) > pieces(made)) next.set(sum, made);
        }
      return next;
    },
    new Map([[0, []]]),
  );
}

/** Handles with plates, when so many of them are loaded alike. */
function handlesWithPlates({ plates, handles, handleKg }: Weights, hands: 1 | 2): Made[] {
  if (handles < hands) return [];
  const perEnd = plates.map(({ kg, count }) => ({ kg, count: Math.floor(count / (2 * hands)) }));
  return [...loadsOfOneEnd(perEnd)].map(([grams, on]) => ({
    kg: (inGrams(handleKg) + 2 * grams) / GRAMS,
    of: ['handle', ...on.map((one) => timesWords({ ...one, count: 2 * one.count }))].join(' + '),
  }));
}

const alone = (sizes: readonly Sized[], hands: 1 | 2, word: string): Made[] =>
  sizes.filter(({ count }) => count >= hands).map(({ kg }) => ({ kg, of: `${word} of ${kg} kg` }));

/**
 * Every weight that can be held, the lightest first and each mass once: in one hand (or in both
 * together), or the same in each of two.
 *
 * @param hands 2: there has to be the same for each hand
 */
export function weightsFor(there: Weights, hands: 1 | 2): readonly Made[] {
  const all = [
    ...alone(there.dumbbells, hands, 'dumbbell'),
    ...handlesWithPlates(there, hands),
    // A plate is hugged or held ahead; nobody carries two of them by their edges.
    ...(hands === 1 ? alone(there.plates, 1, 'plate') : []),
  ];
  const byMass = new Map<number, Made>();
  for (const made of all) if (!byMass.has(inGrams(made.kg))) byMass.set(inGrams(made.kg), made);
  return [...byMass.values()].filter(({ kg }) => kg > 0).sort((a, b) => a.kg - b.kg);
}
