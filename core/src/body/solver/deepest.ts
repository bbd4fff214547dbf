import { radOfDeg } from '../../foundation/numeric/angle';
import { otherSide, signOf, type Side } from '../../foundation/sides/side';
import { bindingAt, type Binding } from './binding';
import { excessAt, type Excess } from './excess';
import { atDepth, patternDepth } from './depth';
import { descend, type Goal } from './descend';
import { leastEffort, squarest } from './goals';
import { firstFound, lowestKnees, lowestOf, lowestTask, SAME_DEPTH } from './lowest';
import type { PostureProblem } from './problem';
import { isMirrored, squareBound, squareLowest } from './square';
import { lowestOnOneLeg } from './lowestOnOneLeg';
import { shallow, startOf } from './start';
import { isSideBySide } from './stance';
import type { PostureState } from './state';
import { lowestToSides } from './valleys';
import { freeOf, mix, RISE, SWIVEL, Y, type Row } from './variables';

export type Deepest =
  | {
      readonly status: 'reached';
      readonly state: PostureState;
      /** In the pattern's own measure, radians: see `patternDepth`. */
      readonly depthRad: number;
      readonly binding: readonly Binding[];
    }
  /** The body cannot stand in this stance at all; what is in the way, and by how much. */
  | { readonly status: 'impossible'; readonly by: readonly Excess[] };

/**
 * The lowest balanced posture inside the hard limits, and which limits bind there.
 *
 * Sliding, turning and tilting may make up for a side that is short, but they take nobody deeper
 * than he would go, square, with both sides as good as the better one: without that bound every
 * body, also one with equal sides, would be lowest in a twist. The depth is the less deep of two
 * optima, each of which can only get worse when a range does, so less range never goes lower.
 */
export function deepest(problem: PostureProblem): Deepest {
  const bound = boundOf(problem);
  const lowest = lowestTwisted(problem, bound);
  if (!lowest) return { status: 'impossible', by: standingExcess(problem) };
  const isBelow = patternDepth(problem).value(lowest) < bound - SAME_DEPTH;
  return reached(problem, isBelow ? atBound(problem, bound, lowest) : lowest);
}

/** Depth without shift, turn, tilt or side lean, in the pattern's own measure, radians; null where there is none. */
export function deepestSquare(problem: PostureProblem): number | null {
  const state = isSideBySide(problem.stance) ? squareLowest(problem) : lowestUneven(problem);
  return state && patternDepth(problem).value(state);
}

/** No twisting takes a body below this; nothing of the kind is said of a step, one leg or even sides. */
const boundOf = (problem: PostureProblem): number =>
  !isSideBySide(problem.stance) || isMirrored(problem) ? -Infinity : squareBound(problem).depthRad;

/** What is in the way of standing in this stance at all, and by how much. */
const standingExcess = (problem: PostureProblem): Excess[] =>
  excessAt(problem, [], startOf(problem, shallow(problem)));

/** Where a step is searched from. */
interface StepStart {
  readonly thighDeg: number;
  readonly riseDeg: number;
  /** Hips toward the front foot's own side, in metres, and the knees on their circles, in radians. */
  readonly shiftM?: number;
  readonly front?: number;
  readonly rear?: number;
}

/**
 * The front foot can carry, or both; the ankle bends behind, or the toes; the hips are over the front
 * foot with its knee in, or over the other way with its knee out.
 */
const STEP_STARTS: readonly StepStart[] = [
  { thighDeg: 10, riseDeg: 50 },
  { thighDeg: -20, riseDeg: 50 },
  { thighDeg: 30, riseDeg: 50 },
  { thighDeg: 0, riseDeg: 70 },
  { thighDeg: 10, riseDeg: 65, shiftM: 0.09, front: -0.5, rear: 0.15 },
  { thighDeg: 10, riseDeg: 65, shiftM: -0.06, front: 0.3, rear: -0.2 },
];

function stepStart(problem: PostureProblem, rear: Side, start: StepStart): Row {
  const q = startOf(problem, radOfDeg(start.thighDeg));
  const front = otherSide(rear);
  q[RISE] = radOfDeg(start.riseDeg);
  q[Y] = signOf(front) * (start.shiftM ?? 0);
  q[SWIVEL[front]] += start.front ?? 0;
  q[SWIVEL[rear]] += start.rear ?? 0;
  return q;
}

function lowestStep(problem: PostureProblem, rear: Side): PostureState | null {
  const task = lowestTask(problem, freeOf(problem.stance));
  const found = STEP_STARTS.map((start) => firstFound(task, [stepStart(problem, rear, start)]));
  const lowest = lowestOf(
    problem,
    found.flatMap((state) => state ?? []),
  );
  return lowest && lowestKnees(task, lowest);
}

/** The lowest of a step or on one leg, which is never square. */
const lowestUneven = (problem: PostureProblem): PostureState | null =>
  problem.stance.rear ? lowestStep(problem, problem.stance.rear) : lowestOnOneLeg(problem);

/**
 * The lowest posture, however twisted.
 *
 * @param enough no more is looked for once it goes so deep, radians in the pattern's own measure
 */
export function lowestTwisted(problem: PostureProblem, enough: number): PostureState | null {
  if (!isSideBySide(problem.stance)) return lowestUneven(problem);
  const square = squareLowest(problem);
  if (isMirrored(problem)) return square;
  if (square && patternDepth(problem).value(square) <= enough + SAME_DEPTH) return square;
  const from = square ? square.q : startOf(problem, shallow(problem));
  const lowest = lowestOf(problem, [
    ...(square ? [square] : []),
    ...lowestToSides(problem, from, enough),
  ]);
  return lowest && lowestKnees(lowestTask(problem, freeOf(problem.stance)), lowest);
}

/** A posture at the bound: twisted no further than it takes to get there. */
function atBound(problem: PostureProblem, bound: number, lowest: PostureState): PostureState {
  const square = squareLowest(problem);
  const measure = patternDepth(problem);
  const from = square ? square.q : startOf(problem, shallow(problem));
  const depth = measure.value(lowest);
  const part = (bound - depth) / Math.max((square ? measure.value(square) : bound) - depth, 1e-9);
  const between = mix(1 - part, lowest.q, part, from);
  for (const goal of [squarest, leastEffort(problem)])
    for (const start of [between, lowest.q, from]) {
      const state = stoodAt(problem, goal, start, bound);
      if (state) return state;
    }
  return lowest;
}

const reached = (problem: PostureProblem, state: PostureState): Deepest => ({
  status: 'reached',
  state,
  depthRad: patternDepth(problem).value(state),
  binding: bindingAt(problem.conditions, state),
});

function stoodAt(
  problem: PostureProblem,
  goal: Goal,
  from: Readonly<Row>,
  depth: number,
): PostureState | null {
  const descent = descend(
    {
      problem,
      free: freeOf(problem.stance),
      goal,
      equalities: [atDepth(patternDepth(problem), depth)],
      conditions: problem.conditions,
    },
    from,
  );
  return descent.status === 'found' ? descent.state : null;
}
