import { degOfRad } from '../../foundation/numeric/angle';
import { asinClamped } from '../../foundation/numeric/safety';
import { SIDES, signOf, type MaybeSide } from '../../foundation/sides/side';
import type { Skeleton } from '../../body/skeleton/skeleton';
import { between, subtract } from '../../foundation/numeric/vector';
import type { MeasureId } from '../../records/recordings/measures';
import type { Played } from './motion';

/** What a simulated repetition really was. */
export interface TrueMeasure {
  readonly measure: MeasureId;
  readonly side: MaybeSide;
  readonly perRepetition: readonly number[];
}

export interface TrueRepetition {
  readonly start: number;
  readonly bottom: number;
  readonly end: number;
}

const lean = ([dx, , dz]: readonly number[]): number => degOfRad(Math.atan2(dx, dz));
const sideways = ([, dy, dz]: readonly number[]): number => degOfRad(Math.atan2(dy, dz));
const steepness = ([dx, dy, dz]: readonly number[]): number =>
  degOfRad(asinClamped(dz / Math.hypot(dx, dy, dz)));

const trunk = ({ chest, pelvis }: Skeleton) => subtract(chest, pelvis);

/** Measures of one moment, by definition, in space. Degrees and millimetres. */
function momentMeasures(at: Skeleton, standing: Skeleton): [MeasureId, MaybeSide, number][] {
  const sided = SIDES.flatMap((side): [MeasureId, MaybeSide, number][] => {
    const [leg, before] = [at.legs[side], standing.legs[side]];
    const [thigh, shin] = [subtract(leg.hip, leg.knee), subtract(leg.knee, leg.ankle)];
    const inward = -signOf(side);
    const turned = (one: typeof leg) => {
      const foot = subtract(one.toe, one.heel);
      return degOfRad(Math.atan2(signOf(side) * foot[1], foot[0]));
    };
    return [
      ['thigh', side, steepness(thigh)],
      ['shin-lean', side, 90 - steepness(shin)],
      ['knee-past-toes', side, 1000 * (leg.knee[0] - before.toe[0])],
      ['heel-rise', side, 1000 * (leg.heel[2] - before.heel[2])],
      ['shin-in', side, inward * sideways(shin)],
      ['turn-out-gain', side, turned(leg) - turned(before)],
    ];
  });
  return [
    ...sided,
    ['trunk-lean', null, lean(trunk(at))],
    ['trunk-side-bend', null, sideways(trunk(at)) - sideways(trunk(standing))],
    ['hip-shift', null, 1000 * (at.pelvis[1] - standing.pelvis[1])],
  ];
}

/** Trunk lean gained by the time the hips have made a third of their rise. */
function hipsFirst(played: Played, skeletonAt: (time: number) => Skeleton): number {
  const bottom = skeletonAt(played.upStart);
  const end = skeletonAt(played.end);
  const hips = ({ legs }: Skeleton) => between(legs.left.hip, legs.right.hip, 0.5)[2];
  const goal = hips(bottom) + (hips(end) - hips(bottom)) / 3;
  let [low, high] = [played.upStart, played.end];
  for (let i = 0; i < 24; i++) {
    const half = (low + high) / 2;
    if (hips(skeletonAt(half)) < goal) low = half;
    else high = half;
  }
  return lean(trunk(skeletonAt(high))) - lean(trunk(bottom));
}

/** The truth of a simulated recording: what `measure` should find. */
export function truthOf(
  played: readonly Played[],
  skeletonAt: (time: number) => Skeleton,
): { repetitions: readonly TrueRepetition[]; measures: readonly TrueMeasure[] } {
  const standing = skeletonAt(0);
  const bottoms = played.map(({ downEnd, upStart }) => (downEnd + upStart) / 2);
  const each = bottoms.map((time) => momentMeasures(skeletonAt(time), standing));
  const first = played.map((one) => hipsFirst(one, skeletonAt));
  const measures = (each[0] ?? []).map(([measure, side], i) => ({
    measure,
    side,
    perRepetition: each.map((values) => values[i][2]),
  }));
  return {
    repetitions: played.map(({ start, end }, i) => ({ start, bottom: bottoms[i], end })),
    measures: [...measures, { measure: 'hips-first', side: null, perRepetition: first }],
  };
}
