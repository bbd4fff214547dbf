import type { Body, Limbs } from '../../body/segments/body';
import { shareOn, type LegStrength, type Strength } from '../../body/solver/capacities';
import type { LimitsDeg, SideLimitsDeg } from '../../body/solver/limits';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { CauseId } from '../../knowledge/causes';
import { oneCheck, type RangeCheck } from '../../knowledge/checks';
import { EMBODIED, SHINS_TO_THIGHS, type EmbodiedRow } from '../../knowledge/embodied';
import { LINKS } from '../../knowledge/links';
import { rollOf } from '../../knowledge/roll';
import { LIMIT_OF_CHECK } from '../trace/measuredLimits';

/** A cause that is there. */
export interface PresentCause {
  readonly cause: CauseId;
  /** Both sides where it has sides and none is given. */
  readonly side?: Side;
  /** How much: degrees less, percent weaker, percent longer; plainly there without it. */
  readonly amount?: number;
}

/** A body with what it can do. */
export interface Person {
  readonly body: Body;
  readonly limits: LimitsDeg;
  readonly strength: Strength;
  /** How far above where it could go it stops, in degrees. */
  readonly shyDeg: number;
}

/** A range that a cause is the shortness of: in which limit it shows, what is usual and how much less is plain. */
interface ShortRange {
  readonly limit: keyof SideLimitsDeg;
  readonly usualDeg: number;
  readonly lessDeg: number;
}

const takenBy = (cause: string): ShortRange[] =>
  EMBODIED.flatMap((row) =>
    row.cause === cause && 'takes' in row
      ? [{ limit: row.takes, usualDeg: row.usualDeg, lessDeg: row.deg }]
      : [],
  );

/** Ranges that a cause is the shortness of, from the table of links and the norms of their checks. */
function measuredBy(cause: string): ShortRange[] {
  return LINKS.filter(
    (link) => link.cause === cause && link.strength === 'is' && link.finding.startsWith('range:'),
  ).flatMap(({ finding }) => {
    const check = finding.slice('range:'.length);
    const limit = LIMIT_OF_CHECK[check];
    if (!limit) return [];
    const { usual, restricted } = (oneCheck(check) as RangeCheck).norm;
    const [rollDeg] = rollOf(check) ?? [0];
    return [{ limit, usualDeg: usual[0] - rollDeg, lessDeg: usual[0] - restricted[0] }];
  });
}

const shortRangesOf = (cause: string): readonly ShortRange[] => [
  ...measuredBy(cause),
  ...takenBy(cause),
];

/** Causes that the body model has, in the order of the tables. */
export const EMBODIED_CAUSES: readonly CauseId[] = [
  ...new Set([
    ...LINKS.map(({ cause }) => cause).filter((cause) => shortRangesOf(cause).length > 0),
    ...EMBODIED.map(({ cause }) => cause),
  ]),
];

const sidesOf = ({ side }: PresentCause): readonly Side[] => (side ? [side] : SIDES);

/** What a cause leaves of a range: so much less as was said, or plainly short and not shorter. */
function leftOf({ usualDeg, lessDeg }: ShortRange, beforeDeg: number, amount?: number): number {
  if (amount !== undefined) return beforeDeg - amount;
  return Math.min(beforeDeg, Math.max(beforeDeg - lessDeg, usualDeg - lessDeg));
}

/** The ranges of one side with what a cause leaves of them; two causes of one range do not add up. */
function shortened(
  now: SideLimitsDeg,
  before: SideLimitsDeg,
  ranges: readonly ShortRange[],
  amount?: number,
): SideLimitsDeg {
  const left = ranges.map((range): [string, number] => {
    const { limit, usualDeg } = range;
    const deg = leftOf(range, before[limit] ?? usualDeg, amount);
    return [limit, Math.min(deg, now[limit] ?? Infinity)];
  });
  return { ...now, ...Object.fromEntries(left) };
}

function shorter(person: Person, before: LimitsDeg, one: PresentCause): Person {
  const ranges = shortRangesOf(one.cause);
  const limits = { ...person.limits };
  for (const side of sidesOf(one))
    limits[side] = shortened(limits[side] ?? {}, before[side] ?? {}, ranges, one.amount);
  return { ...person, limits };
}

function weaker(
  person: Person,
  what: LegStrength | 'back',
  sides: readonly Side[],
  percent: number,
): Person {
  const left = 1 - percent / 100;
  const { strength } = person;
  if (what === 'back')
    return { ...person, strength: { ...strength, back: (strength.back ?? 1) * left } };
  // What weakens a hip behind leaves its side as strong as it was.
  const { hip, hipSide = hip ?? 1 } = strength;
  const before: Strength = { ...strength, hipSide };
  const on = (side: Side) => shareOn(side, before[what]) * (sides.includes(side) ? left : 1);
  return { ...person, strength: { ...before, [what]: { left: on('left'), right: on('right') } } };
}

function longThighs(person: Person, percent: number): Person {
  const { sides } = person.body;
  const long = (limbs: Limbs): Limbs => ({
    ...limbs,
    thighM: limbs.thighM * (1 + percent / 100),
    shankM: limbs.shankM * (1 - (SHINS_TO_THIGHS * percent) / 100),
  });
  return {
    ...person,
    body: { ...person.body, sides: { left: long(sides.left), right: long(sides.right) } },
  };
}

function withRow(person: Person, row: EmbodiedRow, one: PresentCause): Person {
  if ('weakens' in row) return weaker(person, row.weakens, sidesOf(one), one.amount ?? row.percent);
  if ('takes' in row) return person;
  if ('lengthens' in row) return longThighs(person, one.amount ?? row.percent);
  return { ...person, shyDeg: Math.max(person.shyDeg, one.amount ?? row.deg) };
}

/**
 * A person with these causes: shorter ranges, weaker muscles, other proportions. What the body model
 * makes of them is what follows from the causes.
 */
export function embody(
  { body, limits, strength }: Omit<Person, 'shyDeg'>,
  causes: readonly PresentCause[],
): Person {
  let person: Person = { body, limits, strength, shyDeg: 0 };
  for (const one of causes) {
    person = shorter(person, limits, one);
    for (const row of EMBODIED) if (row.cause === one.cause) person = withRow(person, row, one);
  }
  return person;
}
