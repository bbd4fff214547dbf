import { PATTERNS, usualSetup, type Body, type Pattern } from '../src';
import type { SideLimitsDeg } from '../src/body/solver/limits';
import type { PostureProblem } from '../src/body/solver/problem';
import type { StanceSetup } from '../src/body/solver/stance';
import { isStaggered } from '../src/body/stance/patterns';
import type { Side } from '../src/foundation/sides/side';
import { problemFor, randomBody, ranges, within } from '../tests/randomBodies';

/** All that the solver is asked, as a coach says it. */
export interface Input {
  readonly pattern: Pattern;
  readonly body: Body;
  readonly limits: Readonly<Record<Side, SideLimitsDeg>>;
  readonly setup: StanceSetup;
  readonly lumbarBendDeg: number;
}

/** What the solver stands in: each pattern, and squat and hinge on the left leg. */
export interface Standing {
  readonly name: string;
  readonly pattern: Pattern;
  readonly oneLeg?: Side;
}
export const STANDINGS: readonly Standing[] = [
  ...PATTERNS.map((pattern) => ({ name: pattern, pattern })),
  { name: 'squat on one leg', pattern: 'squat', oneLeg: 'left' },
  { name: 'hinge on one leg', pattern: 'hinge', oneLeg: 'left' },
];

/** A random body with one side stiffer, in any stance, now and then with a hand on a post. */
export function randomInput(
  random: () => number,
  { pattern, oneLeg }: Pick<Standing, 'pattern' | 'oneLeg'>,
): Input {
  const body = randomBody(random);
  const side = (stiffer: number): SideLimitsDeg => ({
    ...ranges(within(random, 25, 45) - stiffer, within(random, 90, 125), within(random, 120, 150)),
    straightLegRaiseDeg: within(random, 50, 95),
    hipExtendDeg: within(random, 0, 20),
  });
  const stanceCm = within(random, 24, 60);
  const toe = within(random, 0, 30);
  const setup: StanceSetup = {
    ...usualSetup(pattern, body.heightM),
    oneLeg,
    ...(isStaggered(pattern) ? {} : { stanceCm, toeOutDeg: { left: toe, right: toe } }),
    ...(random() < 0.3 ? { hands: 'post' as const } : {}),
    ...(random() < 0.3 ? { load: { at: 'ahead' as const, kg: within(random, 1, 10) } } : {}),
  };
  const limits = { left: side(0), right: side(within(random, 0, 12)) };
  return { pattern, body, limits, setup, lumbarBendDeg: within(random, 0, 25) };
}

export const problemOfInput = ({ body, limits, ...rest }: Input): PostureProblem =>
  problemFor(body, limits, rest);
