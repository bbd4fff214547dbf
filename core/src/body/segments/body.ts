import { SIDES, type Side } from '../../foundation/sides/side';
import { LENGTH_TO_HEIGHT, LIMB_NAMES, type LimbName, type TrunkName } from './segmentTable';

/** A length taken with a tape, in metres; one number for both sides or one for each. */
export type Taped = number | { readonly left: number; readonly right: number };

/** Lengths taken with a tape; what is not measured follows from height. */
export type Segments = { [Name in LimbName]?: Taped } & { [Name in TrunkName]?: number };

/** Lengths of one side's leg and arm, in metres. */
export type Limbs = Readonly<Record<LimbName, number>>;

/** Lengths of one body in metres, mass in kilograms; the sides may differ. */
export type Body = {
  readonly heightM: number;
  readonly massKg: number;
  readonly sides: Readonly<Record<Side, Limbs>>;
} & Readonly<Record<TrunkName, number>>;

const isLimb = (name: string): name is LimbName => (LIMB_NAMES as readonly string[]).includes(name);

const lengthOn = (side: Side, taped: Taped | undefined, usual: number): number =>
  taped === undefined ? usual : typeof taped === 'number' ? taped : taped[side];

/** A body from height and mass; every segment taken with a tape replaces its share of height. */
export function bodyOf(heightM: number, massKg: number, segments: Segments = {}): Body {
  const usual = (name: keyof typeof LENGTH_TO_HEIGHT) => LENGTH_TO_HEIGHT[name] * heightM;
  const limbs = (side: Side) =>
    Object.fromEntries(
      LIMB_NAMES.map((name) => [name, lengthOn(side, segments[name], usual(name))]),
    ) as unknown as Limbs;
  const trunk = Object.fromEntries(
    (Object.keys(LENGTH_TO_HEIGHT) as (LimbName | TrunkName)[])
      .filter((name): name is TrunkName => !isLimb(name))
      .map((name) => [name, segments[name] ?? usual(name)]),
  ) as Record<TrunkName, number>;
  return { heightM, massKg, ...trunk, sides: { left: limbs('left'), right: limbs('right') } };
}

/** The same body with the limbs of one side on both. */
export const withLimbsOf = (body: Body, side: Side): Body => ({
  ...body,
  sides: { left: body.sides[side], right: body.sides[side] },
});

/** One length of a limb, the mean of both sides, in metres. */
export const meanLength = (body: Body, name: LimbName): number =>
  SIDES.reduce((sum, side) => sum + body.sides[side][name] / 2, 0);
