import { radOfDeg } from '../../foundation/numeric/angle';
import { acosClamped } from '../../foundation/numeric/safety';
import {
  add,
  cross,
  dot,
  scale,
  subtract,
  turned,
  unit,
  type Vec3,
} from '../../foundation/numeric/vector';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { LEAN, SIDE_LEAN, Y, type Row } from '../../body/solver/variables';
import type { LegPoints, Skeleton } from '../../body/skeleton/skeleton';
import type { Moment } from './motion';
import { PLAYED_FAULTS, type InjectedFault } from './recorderInput';

/** Full at the asked depth, none standing. */
const amountOf = ({ fault, amount = PLAYED_FAULTS[fault] }: InjectedFault): number => amount;

/** Lean gained early in the rise and given back by its end. */
const early = (risen: number): number => Math.sin(Math.PI * Math.min(1, risen * 1.4));

type OnVariables = (q: Row, fault: InjectedFault, moment: Moment) => void;

/** Faults of the whole body, played on the solver's own variables; the legs follow. */
const ON_VARIABLES: Partial<Record<InjectedFault['fault'], OnVariables>> = {
  'hips-slide': (q, fault, { depth }) => {
    q[Y] += (signOf(fault.side ?? 'left') * amountOf(fault) * depth) / 1000;
  },
  'trunk-side-bends': (q, fault, { depth }) => {
    q[SIDE_LEAN] += signOf(fault.side ?? 'left') * radOfDeg(amountOf(fault)) * depth;
  },
  'trunk-folds': (q, fault, { depth }) => {
    q[LEAN] += radOfDeg(amountOf(fault)) * depth;
  },
  'hips-rise-first': (q, fault, { risen }) => {
    q[LEAN] += radOfDeg(amountOf(fault)) * early(risen);
  },
};

export function playOnVariables(q: Row, faults: readonly InjectedFault[], moment: Moment): Row {
  const played = [...q];
  for (const fault of faults) ON_VARIABLES[fault.fault]?.(played, fault, moment);
  return played;
}

/** The knee turned about the line from hip to ankle: no length changes. */
function kneeIn(leg: LegPoints, side: Side, rad: number): LegPoints {
  const line = subtract(leg.ankle, leg.hip);
  const axis = unit(line);
  const out = subtract(leg.knee, leg.hip);
  const along = scale(axis, dot(out, axis));
  const aside = subtract(out, along);
  // As far aside as leans the shin inward by so much.
  const moved = Math.tan(rad) * Math.hypot(...subtract(leg.knee, leg.ankle));
  const turn = Math.asin(Math.min(0.95, moved / Math.max(1e-6, Math.hypot(...aside))));
  const inward = signOf(side);
  return { ...leg, knee: add(leg.hip, add(along, turned(aside, axis, inward * turn))) };
}

/** The foot pitched about its ball; hip and ankle stay apart as the bones allow, the knee follows. */
function heelUp(leg: LegPoints, riseM: number): LegPoints {
  const sole = subtract(leg.heel, leg.ball);
  const side = unit(cross(leg.footUp, leg.footForward));
  const rad = Math.asin(Math.min(0.9, riseM / Math.hypot(...sole)));
  const about = (point: Vec3) => add(leg.ball, turned(subtract(point, leg.ball), side, rad));
  const ankle = about(leg.ankle);
  return { ...leg, ankle, heel: about(leg.heel), knee: kneeBetween(leg, ankle) };
}

/** The knee between a hip and an ankle that has moved, in the plane it bent in before. */
function kneeBetween({ hip, knee, ankle: before }: LegPoints, ankle: Vec3): Vec3 {
  const thigh = Math.hypot(...subtract(knee, hip));
  const shank = Math.hypot(...subtract(knee, before));
  const line = subtract(ankle, hip);
  const apart = Math.min(Math.hypot(...line), 0.9999 * (thigh + shank));
  const axis = unit(line);
  const old = subtract(knee, hip);
  const aside = unit(subtract(old, scale(axis, dot(old, axis))));
  const angle = acosClamped((thigh ** 2 + apart ** 2 - shank ** 2) / (2 * thigh * apart));
  return add(hip, add(scale(axis, thigh * Math.cos(angle)), scale(aside, thigh * Math.sin(angle))));
}

/** The foot turned out about its heel. */
function footOut(leg: LegPoints, side: Side, rad: number): LegPoints {
  const up: Vec3 = [0, 0, 1];
  const about = (point: Vec3) =>
    add(leg.heel, turned(subtract(point, leg.heel), up, signOf(side) * rad));
  return { ...leg, toe: about(leg.toe), ball: about(leg.ball) };
}

type OnLeg = (leg: LegPoints, side: Side, amount: number) => LegPoints;

/** Faults of one leg, played on its points. */
const ON_LEG: Partial<Record<InjectedFault['fault'], OnLeg>> = {
  'knee-in': (leg, side, deg) => kneeIn(leg, side, radOfDeg(deg)),
  'heel-lifts': (leg, _, mm) => heelUp(leg, mm / 1000),
  'foot-turns-out': (leg, side, deg) => footOut(leg, side, radOfDeg(deg)),
};

export function playOnSkeleton(
  skeleton: Skeleton,
  faults: readonly InjectedFault[],
  { depth }: Moment,
): Skeleton {
  const legs = { ...skeleton.legs };
  for (const fault of faults)
    for (const side of SIDES) {
      const play = ON_LEG[fault.fault];
      const isHere = fault.side === undefined || fault.side === side;
      if (play && isHere) legs[side] = play(legs[side], side, amountOf(fault) * depth);
    }
  return { ...skeleton, legs };
}
