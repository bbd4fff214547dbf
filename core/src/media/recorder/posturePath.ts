import { degOfRad, radOfDeg } from '../../foundation/numeric/angle';
import { deepest } from '../../body/solver/deepest';
import { patternDepth } from '../../body/solver/depth';
import type { PostureProblem } from '../../body/solver/problem';
import { settle, type DepthAim } from '../../body/solver/settle';
import { mix, type Row } from '../../body/solver/variables';
import type { Pattern } from '../../body/stance/patterns';

/** Thigh angles (in a hinge leans) at which a body stands, the next where it cannot at the one before. */
const STANDING: Readonly<Record<Pattern, readonly number[]>> = {
  squat: [78, 72, 66],
  hinge: [12, 18, 24],
  lunge: [62, 56, 50, 44],
  split: [66, 60, 54, 48],
};

/** So many postures are solved on the way down; between them lies a straight line. */
const KNOTS = 32;

/** A body's postures from standing to as deep as was asked or as it gets. */
export interface PosturePath {
  /** The free variables of the solver at a share of the way, 0 standing to 1. */
  readonly at: (share: number) => Row;
  /** How deep the path ends: thigh angle, in a hinge lean, degrees. */
  readonly depthDeg: number;
}

const aimOf = (pattern: Pattern, deg: number): DepthAim =>
  pattern === 'hinge' ? { leanRad: radOfDeg(deg) } : { thighRad: radOfDeg(deg) };

/** The pattern's postures; null where the body cannot even stand in this set-up. */
export function posturePath(problem: PostureProblem, depthDeg: number): PosturePath | null {
  const { pattern } = problem.stance;
  for (const standing of STANDING[pattern]) {
    const first = settle(problem, aimOf(pattern, standing));
    if (first.status === 'settled') return pathFrom(problem, standing, first.state.q, depthDeg);
  }
  return null;
}

function pathFrom(
  problem: PostureProblem,
  standing: number,
  first: Readonly<Row>,
  depthDeg: number,
): PosturePath {
  const { pattern } = problem.stance;
  const rows: Readonly<Row>[] = [first];
  const depths: number[] = [standing];
  for (let k = 1; k <= KNOTS; k++) {
    const deg = standing + (k / KNOTS) * (depthDeg - standing);
    const next = settle(problem, aimOf(pattern, deg), rows[rows.length - 1]);
    if (next.status === 'blocked') {
      addDeepest(problem, rows, depths);
      break;
    }
    rows.push(next.state.q);
    depths.push(deg);
  }
  const end = depths[depths.length - 1];
  return {
    depthDeg: end,
    at: (share) => between(rows, depths, standing + share * (end - standing)),
  };
}

/** Where a limit ends the way down, the deepest posture is its end. */
function addDeepest(problem: PostureProblem, rows: Readonly<Row>[], depths: number[]): void {
  const low = deepest(problem);
  if (low.status !== 'reached') return;
  const deg = degOfRad(patternDepth(problem).value(low.state));
  rows.push(low.state.q);
  depths.push(problem.stance.pattern === 'hinge' ? -deg : deg);
}

function between(rows: readonly Readonly<Row>[], depths: readonly number[], deg: number): Row {
  const sign = Math.sign(depths[depths.length - 1] - depths[0]) || 1;
  let k = 1;
  while (k < depths.length - 1 && sign * (deg - depths[k]) > 0) k += 1;
  if (depths.length === 1) return [...rows[0]];
  const part = (deg - depths[k - 1]) / (depths[k] - depths[k - 1] || 1);
  const held = Math.min(1, Math.max(0, part));
  return mix(1 - held, rows[k - 1], held, rows[k]);
}
