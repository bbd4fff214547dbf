import { bodyOf, degOfRad, radOfDeg, SIDES } from '../src';
import { deepest } from '../src/body/solver/deepest';
import type { SideLimitsDeg } from '../src/body/solver/limits';
import type { PostureProblem } from '../src/body/solver/problem';
import { settle, type DepthAim } from '../src/body/solver/settle';
import type { StanceSetup } from '../src/body/solver/stance';
import { Y, TURN, LEAN, LUMBAR } from '../src/body/solver/variables';
import { otherSide } from '../src/foundation/sides/side';
import { seeded, within } from '../src/foundation/numeric/random';
import { problemOfInput, randomInput, STANDINGS, type Input, type Standing } from './randomInput';

/**
 * What the solver promises, over random bodies of all four patterns and on one leg, with and without a post: less of a
 * range never goes deeper, a mirrored client gets the mirrored answer, a little of any input changes
 * little, and in a narrow stance a stiff ankle does not have the hips come to it.
 *
 * `npm run bench:promises -- [pairs of each pattern] [seed]`
 */
const COUNT = Number(process.argv[2] ?? 1250);
const SEED = Number(process.argv[3] ?? 4);

type Change = (input: Input, random: () => number) => Input;

const RANGES: readonly (keyof SideLimitsDeg)[] = [
  'ankleBendDeg',
  'hipBendDeg',
  'kneeBendDeg',
  'straightLegRaiseDeg',
  'hipExtendDeg',
];
const oneOf = <T>(random: () => number, values: readonly T[]): T =>
  values[Math.floor(random() * values.length)];

/** One range, or the low back's, less by so many degrees. */
const withLess =
  (deg: (random: () => number) => number): Change =>
  (input, random) => {
    if (random() < 0.15) return { ...input, lumbarBendDeg: input.lumbarBendDeg - deg(random) };
    const [side, range] = [oneOf(random, SIDES), oneOf(random, RANGES)];
    const limits = input.limits[side];
    const less = { ...limits, [range]: limits[range]! - deg(random) };
    return { ...input, limits: { ...input.limits, [side]: less } };
  };

const STEP: readonly ((setup: StanceSetup) => StanceSetup)[] = [
  (setup) => ({ ...setup, stanceCm: setup.stanceCm + 0.1 }),
  (setup) => ({ ...setup, heelLiftMm: setup.heelLiftMm + 0.1 }),
  (setup) => ({ ...setup, load: { ...setup.load, kg: setup.load.kg + 0.1 } }),
  (setup) => ({ ...setup, toeOutDeg: { ...setup.toeOutDeg, left: setup.toeOutDeg.left + 0.1 } }),
];

/** A tenth of any input. */
const aTenth: Change = (input, random) =>
  random() < 0.5
    ? withLess(() => 0.1)(input, random)
    : { ...input, setup: oneOf(random, STEP)(input.setup) };

function mirrored(input: Input): Input {
  const { body, limits, setup } = input;
  const swapped = <T>(of: { readonly left: T; readonly right: T }) => ({
    left: of.right,
    right: of.left,
  });
  return {
    ...input,
    body: { ...body, sides: swapped(body.sides) },
    limits: swapped(limits),
    setup: {
      ...setup,
      toeOutDeg: swapped(setup.toeOutDeg),
      ...(setup.front ? { front: otherSide(setup.front) } : {}),
      ...(setup.oneLeg ? { oneLeg: otherSide(setup.oneLeg) } : {}),
    },
  };
}

const depthDeg = (problem: PostureProblem): number | null => {
  const answer = deepest(problem);
  return answer.status === 'reached' ? degOfRad(answer.depthRad) : null;
};

class Worst {
  count = 0;
  over = 0;
  worst = 0;
  constructor(readonly most: number) {}
  add(by: number): void {
    this.count += 1;
    this.worst = Math.max(this.worst, by);
    if (by > this.most) this.over += 1;
  }
  get words(): string {
    return `worst ${this.worst.toFixed(4)}, over ${this.most} in ${this.over} of ${this.count}`;
  }
}

function aimOf({ stance }: PostureProblem, deg: number): DepthAim {
  return stance.pattern === 'hinge'
    ? { leanRad: radOfDeg(Math.max(12, -deg)) }
    : { thighRad: radOfDeg(Math.min(70, deg)) };
}

/** What a coach sees of a likely posture, degrees and centimetres. */
function likely(problem: PostureProblem, deg: number) {
  const answer = settle(problem, aimOf(problem, deg));
  if (answer.status !== 'settled') return null;
  const { q } = answer.state;
  const binding = answer.binding.map(({ side, limit }) => `${limit}${side ?? ''}`).join();
  return { binding, angles: [LEAN, LUMBAR, TURN].map((k) => degOfRad(q[k])), shift: 100 * q[Y] };
}

function ofStanding(standing: Standing): void {
  const random = seeded(SEED);
  const [less, mirror, jump, stand] = [new Worst(0.2), new Worst(0.01), new Worst(2), new Worst(2)];
  const mirrorShift = new Worst(0.01);
  for (let i = 0; i < COUNT; i++) {
    const input = randomInput(random, standing);
    const problem = problemOfInput(input);
    const own = depthDeg(problem);
    if (own === null) continue;
    const narrower = depthDeg(problemOfInput(withLess((r) => within(r, 0.1, 10))(input, random)));
    if (narrower !== null) less.add(own - narrower);
    const other = problemOfInput(mirrored(input));
    mirror.add(Math.abs((depthDeg(other) ?? 999) - own));
    const next = problemOfInput(aTenth(input, random));
    const moved = depthDeg(next);
    if (moved !== null) jump.add(Math.abs(moved - own));
    const [here, there, across] = [problem, next, other].map((one) => likely(one, own + 8));
    if (here && across) mirrorShift.add(Math.abs(here.shift + across.shift));
    if (!here || !there || here.binding !== there.binding) continue;
    stand.add(Math.max(...here.angles.map((deg, k) => Math.abs(deg - there.angles[k]))));
  }
  console.log(standing.name);
  console.log(`  less of a range, degrees deeper: ${less.words}`);
  console.log(`  mirrored, degrees of depth: ${mirror.words}; cm of shift: ${mirrorShift.words}`);
  console.log(`  a tenth of an input, degrees of depth: ${jump.words}`);
  console.log(`  and of the likely posture while the same limits bind: ${stand.words}`);
}

/** Narrow stances with the right ankle stiff: in how many the hips come toward it, and by how much. */
function narrow(): void {
  const random = seeded(SEED);
  const toward: string[] = [];
  let bound = 0;
  for (let i = 0; i < COUNT; i++) {
    const input = randomInput(random, { pattern: 'squat' });
    const ankle = within(random, 34, 45);
    const hip = within(random, 100, 125);
    const side = (deg: number) => ({ ankleBendDeg: deg, hipBendDeg: hip, kneeBendDeg: 145 });
    const { heightM, massKg } = input.body;
    const problem = problemOfInput({
      ...input,
      body: bodyOf(heightM, massKg),
      limits: { left: side(ankle), right: side(ankle - within(random, 5, 18)) },
      setup: {
        ...input.setup,
        hands: 'free',
        load: { at: 'none', kg: 0 },
        stanceCm: within(random, 18, 30),
      },
    });
    const own = depthDeg(problem);
    const above = within(random, 3, 20);
    const posture = own === null ? null : likely(problem, own + above);
    if (!posture?.binding.includes('ankleBendright')) continue;
    bound += 1;
    if (posture.shift < -0.01)
      toward.push(
        `${posture.shift.toFixed(2)} cm, ${above.toFixed(0)}° above the deepest (${posture.binding})`,
      );
  }
  console.log(
    `narrow stance, right ankle at its end in ${bound}: hips toward it in ${toward.length}`,
  );
  for (const one of toward) console.log(`  ${one}`);
}

for (const standing of STANDINGS) ofStanding(standing);
narrow();
