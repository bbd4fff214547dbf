import { bodyOf, USUAL_SETUP, type Body } from '../src';
import { usualCapacities } from '../src/body/solver/capacities';
import { limitsOf, type SideLimitsDeg } from '../src/body/solver/limits';
import { problemOf, type PostureProblem } from '../src/body/solver/problem';
import { stanceOf, type StanceSetup } from '../src/body/solver/stance';
import { LENGTH_TO_HEIGHT } from '../src/body/segments/segmentTable';
import type { Pattern } from '../src/body/stance/patterns';
import { within } from '../src/foundation/numeric/random';

export { seeded, within } from '../src/foundation/numeric/random';

/** 1.45–2.05 m, 40–140 kg, every proportion up to 12 % off its usual share of height. */
export function randomBody(random: () => number): Body {
  const heightM = within(random, 1.45, 2.05);
  const massKg = within(random, 40, 140);
  const segments = Object.fromEntries(
    Object.entries(LENGTH_TO_HEIGHT).map(([name, share]) => [
      name,
      share * heightM * within(random, 0.88, 1.12),
    ]),
  );
  return bodyOf(heightM, massKg, segments);
}

export const SETUP: StanceSetup = USUAL_SETUP;

export const ranges = (
  ankleBendDeg: number,
  hipBendDeg = 120,
  kneeBendDeg = 150,
): SideLimitsDeg => ({ ankleBendDeg, hipBendDeg, kneeBendDeg });

/** A problem with everything usual that is not said. */
export function problemFor(
  body: Body,
  limits: { left: SideLimitsDeg; right: SideLimitsDeg },
  {
    pattern = 'squat',
    setup = {},
    lumbarBendDeg,
  }: { pattern?: Pattern; setup?: Partial<StanceSetup>; lumbarBendDeg?: number } = {},
): PostureProblem {
  const stance = stanceOf(pattern, { ...SETUP, ...setup }, body.heightM);
  return problemOf(
    body,
    stance,
    limitsOf({ ...limits, lumbarBendDeg }),
    usualCapacities(body.massKg),
  );
}
