import { bodyOf, type Body } from '../../body/segments/body';
import { usualSetup } from '../../body/solver/usualSetup';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { Pattern } from '../../body/stance/patterns';
import { degOfRad, radOfDeg } from '../../foundation/numeric/angle';
import { depthsOfSets, type PartsFamily } from '../../body/solver/depthsOfSets';
import { usualCapacities } from '../../body/solver/capacities';
import {
  LUMBAR_DEG,
  limitsOf,
  sideLimits,
  type Limits,
  type LimitsDeg,
  type SideLimits,
  type SideLimitsDeg,
} from '../../body/solver/limits';
import { problemOf, underLimits, type PostureProblem } from '../../body/solver/problem';
import { stanceOf, type StanceSetup } from '../../body/solver/stance';
import { usualRangesOf } from './usualRanges';
import { depthCm } from '../../body/solver/depthCm';

/** What a shortfall of depth can be put down to. */
const PARTS = [
  'left ankle',
  'right ankle',
  'left hip',
  'right hip',
  'knees',
  'low back',
  'proportions',
  'set-up',
] as const;
type Part = (typeof PARTS)[number];

export interface Share {
  readonly part: Part | 'not explained by range';
  readonly cm: number;
}

export interface Attribution {
  /** Thigh angle of a usual body, of this one by its ranges, and the one that was seen. */
  readonly usualDeg: number;
  readonly reachDeg: number;
  readonly seenDeg: number | null;
  /** Height that is missing, in centimetres (see `depthCm`); the shares add up to it. */
  readonly shortfallCm: number;
  readonly shares: readonly Share[];
}

export interface AttributionInput {
  readonly pattern: Pattern;
  readonly body: Body;
  readonly setup: StanceSetup;
  readonly limits: LimitsDeg;
  /** Thigh angle that was seen, if one was. */
  readonly seenDeg: number | null;
}

/** Toes count with the ankle: both let the heel of a foot do what it must. */
const ANKLE = [
  'ankleBendDeg',
  'ankleBendStraightDeg',
  'toeBendDeg',
  'shinTiltInDeg',
  'shinTiltOutDeg',
] as const;
const HIP = [
  'hipBendDeg',
  'hipTurnInDeg',
  'hipTurnOutDeg',
  'hipOpenDeg',
  'hipAdductDeg',
  'hipExtendDeg',
  'straightLegRaiseDeg',
] as const;
const KNEE = ['kneeBendDeg', 'kneeBendHipStraightDeg'] as const;

/** Only what falls short of usual counts as a restriction; more than usual stays as it is. */
function sideWith(
  given: SideLimitsDeg,
  usualRanges: SideLimitsDeg,
  own: Readonly<Record<'ankle' | 'hip' | 'knee', boolean>>,
): SideLimitsDeg {
  const fields = [...(own.ankle ? ANKLE : []), ...(own.hip ? HIP : []), ...(own.knee ? KNEE : [])];
  const kept = Object.fromEntries(
    fields.filter((name) => given[name] !== undefined).map((name) => [name, given[name]]),
  ) as SideLimitsDeg;
  const usual = Object.fromEntries(
    Object.entries(usualRanges).map(([name, deg]) => [
      name,
      Math.max(deg, given[name as keyof SideLimitsDeg] ?? deg),
    ]),
  );
  return { ...usual, ...kept };
}

type LimitsWith = (own: ReadonlySet<Part>) => Limits;

/** Ranges with some parts as the client has them and all others usual; each side made once. */
function limitsFor({ limits, pattern }: AttributionInput): LimitsWith {
  const usual = usualRangesOf(pattern);
  const made = new Map<string, SideLimits>();
  const side = (one: Side, own: ReadonlySet<Part>): SideLimits => {
    const ranges = {
      ankle: own.has(`${one} ankle`),
      hip: own.has(`${one} hip`),
      knee: own.has('knees'),
    };
    const key = `${one} ${ranges.ankle} ${ranges.hip} ${ranges.knee}`;
    const known = made.get(key) ?? sideLimits(sideWith(limits[one] ?? {}, usual, ranges));
    made.set(key, known);
    return known;
  };
  const { lumbarRad, lumbarArchRad } = limitsOf(limits);
  const usualBack = Math.max(lumbarRad, limitsOf().lumbarRad);
  return (own) => ({
    sides: { left: side('left', own), right: side('right', own) },
    lumbarRad: own.has('low back') ? lumbarRad : usualBack,
    lumbarArchRad,
  });
}

/** The pattern's usual set-up, on the client's own front foot or one leg. */
const usualFor = ({ pattern, body, setup: { front, oneLeg } }: AttributionInput): StanceSetup => ({
  ...usualSetup(pattern, body.heightM),
  front,
  oneLeg,
});

/** Body and stance, each the client's own or a usual one of this height. */
function standing(input: AttributionInput, own: ReadonlySet<Part>, limits: Limits): PostureProblem {
  const { pattern, body, setup } = input;
  const shaped = own.has('proportions') ? body : bodyOf(body.heightM, body.massKg);
  const stance = stanceOf(pattern, own.has('set-up') ? setup : usualFor(input), body.heightM);
  return problemOf(shaped, stance, limits, usualCapacities(body.massKg));
}

/** These change body or stance; all other parts narrow a range. */
const OTHER_THAN_RANGE: readonly Part[] = ['proportions', 'set-up'];

/** The problem with some parts as the client has them; body and stance are set up once each. */
function problemsOf(input: AttributionInput): (own: ReadonlySet<Part>) => PostureProblem {
  const bases = new Map<string, (limits: Limits) => PostureProblem>();
  const limitsWith = limitsFor(input);
  return (own) => {
    const key = OTHER_THAN_RANGE.filter((part) => own.has(part)).join();
    const base = bases.get(key) ?? underLimits(standing(input, own, limitsWith(own)));
    bases.set(key, base);
    return base(limitsWith(own));
  };
}

/** Depth of every set of parts, as a thigh angle. */
function depthsOf(
  input: AttributionInput,
  parts: readonly Part[],
  onWorked: (done: number, all: number) => void,
): number[] {
  const problemWith = problemsOf(input);
  const family: PartsFamily = {
    count: parts.length,
    problemOf: (members) => problemWith(new Set(parts.filter((_, i) => members & (1 << i)))),
    narrows: (part) => !OTHER_THAN_RANGE.includes(parts[part]),
  };
  const answers = depthsOfSets(family, (done) => onWorked(done, 1 << parts.length));
  // A stance in which nobody of this build can stand at all reaches nothing.
  return answers.map((one) => (one.status === 'reached' ? one.depthRad : Math.PI / 2));
}

/** Which of the parts differ from usual; the others share nothing and need no working out. */
function partsAtPlay(input: AttributionInput): Part[] {
  const { body, setup, limits, pattern } = input;
  const usualRanges = usualRangesOf(pattern);
  const short = (side: Side, names: readonly (keyof SideLimitsDeg)[]) =>
    names.some((name) => {
      const deg = limits[side]?.[name];
      const usual = usualRanges[name];
      return deg !== undefined && (usual === undefined || deg < usual);
    });
  const plain = bodyOf(body.heightM, body.massKg);
  const atPlay: Readonly<Record<Part, boolean>> = {
    'left ankle': short('left', ANKLE),
    'right ankle': short('right', ANKLE),
    'left hip': short('left', HIP),
    'right hip': short('right', HIP),
    knees: SIDES.some((side) => short(side, KNEE)),
    'low back': (limits.lumbarBendDeg ?? LUMBAR_DEG.neutral) < LUMBAR_DEG.neutral,
    proportions: JSON.stringify(plain) !== JSON.stringify(body),
    'set-up': stanceKey(input, setup) !== stanceKey(input, usualFor(input)),
  };
  return PARTS.filter((part) => atPlay[part]);
}

const stanceKey = ({ pattern, body }: AttributionInput, setup: StanceSetup): string =>
  JSON.stringify(stanceOf(pattern, setup, body.heightM));

/** Shapley weight of a set of `size` others among `count` players: size!·(count−size−1)!/count! */
function weightOf(size: number, count: number): number {
  let weight = 1 / count;
  for (let k = 1; k <= size; k++) weight *= k / (count - k);
  return weight;
}

/**
 * Each player's mean gain over all orders in which players could join (L. S. Shapley 1953).
 *
 * @param values what each set of players is worth, a bit of its index for each player
 */
export function shapley(values: readonly number[]): number[] {
  const count = Math.log2(values.length);
  return Array.from({ length: count }, (_, player) => {
    let sum = 0;
    for (let members = 0; members < values.length; members++) {
      if (members & (1 << player)) continue;
      const size = bits(members);
      sum += weightOf(size, count) * (values[members | (1 << player)] - values[members]);
    }
    return sum;
  });
}

const bits = (members: number): number => {
  let count = 0;
  for (let rest = members; rest > 0; rest >>= 1) count += rest & 1;
  return count;
};

/**
 * How the shortfall of depth divides. Depth is the height of the hips over the knees of a usual
 * body of this height, so that parts can be compared in centimetres and add up exactly; what the
 * ranges leave over, when a depth was seen, is not explained by range.
 *
 * @param onWorked called after each of the 2ⁿ depths, with how many are done and how many there are
 */
export function attribute(
  input: AttributionInput,
  onWorked: (done: number, all: number) => void = () => {},
): Attribution {
  const parts = partsAtPlay(input);
  const cm = depthCm(input.pattern, input.body);
  const depths = depthsOf(input, parts, onWorked);
  const cmOf = shapley(depths.map(cm));
  const [usual, reach] = [depths[0], depths[depths.length - 1]];
  const seen = input.seenDeg === null ? null : radOfDeg(input.seenDeg);
  const rest: Share[] =
    seen === null ? [] : [{ part: 'not explained by range', cm: cm(seen) - cm(reach) }];
  return {
    usualDeg: degOfRad(usual),
    reachDeg: degOfRad(reach),
    seenDeg: input.seenDeg,
    shortfallCm: cm(seen ?? reach) - cm(usual),
    shares: [...parts.map((part, i) => ({ part, cm: cmOf[i] })), ...rest],
  };
}
