import type { RungWeight } from './ladder';
import { weightsFor, type Made, type Weights } from './weights';

/** The weight that a rung asks of a body, out of what there is. */
export type RungKg =
  /** `percent` is what it really comes to, of the body's mass. */
  | ({ readonly status: 'found'; readonly wantedKg: number; readonly percent: number } & Made)
  /** Even the lightest is more than the rung asks for. */
  | { readonly status: 'too-heavy'; readonly wantedKg: number; readonly lightestKg: number }
  | { readonly status: 'nothing-there'; readonly wantedKg: number };

const TENTH = 10;

const percentOf = (weight: RungWeight): number =>
  weight.as === 'carried' ? weight.percentPerHand : weight.percent;

/** Half a hundredth of a kilogram: two roundings, not two weights. */
const SAME_KG = 0.005;

/** The heaviest that is not above what is asked: a load is never rounded up. */
const loadOf = (all: readonly Made[], wantedKg: number): Made | undefined =>
  all.filter(({ kg }) => kg <= wantedKg + SAME_KG).at(-1);

/** The nearest, and of two as near the heavier: a counterweight is help. */
const helpOf = (all: readonly Made[], wantedKg: number): Made | undefined =>
  [...all].sort((a, b) => Math.abs(a.kg - wantedKg) - Math.abs(b.kg - wantedKg) || b.kg - a.kg)[0];

/**
 * Kilograms of a rung for this body: in each hand where it is carried, in all where it is held. A load is
 * rounded down to what there is, a counterweight to the nearest.
 *
 * @param massKg body mass, kg
 */
export function weightOfRung(weight: RungWeight, massKg: number, there: Weights): RungKg {
  const wantedKg = Math.round(((percentOf(weight) * massKg) / 100) * TENTH) / TENTH;
  const all = weightsFor(there, weight.as === 'carried' ? 2 : 1);
  if (all.length === 0) return { status: 'nothing-there', wantedKg };
  const found = weight.as === 'counterweight' ? helpOf(all, wantedKg) : loadOf(all, wantedKg);
  return found
    ? { status: 'found', wantedKg, ...found, percent: (100 * found.kg) / massKg }
    : { status: 'too-heavy', wantedKg, lightestKg: all[0].kg };
}
