import { degOfRad, radOfDeg } from '../../foundation/numeric/angle';
import { deepest } from '../../body/solver/deepest';
import { patternDepth } from '../../body/solver/depth';
import type { PostureProblem } from '../../body/solver/problem';
import { settle, type DepthAim } from '../../body/solver/settle';
import { mix, type Row } from '../../body/solver/variables';
import type { Pattern } from '../../body/stance/patterns';
import { escapedAt, escapedProblem, NOT_ESCAPED, type Escape, type Escaped } from './escape';

/** Thigh angles (in a hinge leans) at which a body stands, the next where it cannot at the one before. */
const STANDING: Readonly<Record<Pattern, readonly number[]>> = {
  squat: [78, 72, 66],
  hinge: [12, 18, 24],
  lunge: [62, 56, 50, 44],
  split: [66, 60, 54, 48],
};

/** So many postures are solved on the way down; between them lies a straight line. */
const KNOTS = 32;

/** A posture, with the feet as they are in it. */
interface PosedBody {
  readonly problem: PostureProblem;
  /** The free variables of the solver. */
  readonly q: Row;
}

/** A body's postures from standing to as deep as was asked or as it gets. */
export interface PosturePath {
  /** At a share of the way, 0 standing to 1. */
  readonly at: (share: number) => PosedBody;
  /** How deep the path ends: thigh angle, in a hinge lean, degrees. */
  readonly depthDeg: number;
}

/** One solved posture of the way down. */
interface Knot {
  readonly deg: number;
  readonly q: Readonly<Row>;
  readonly escaped: Escaped;
}

const aimOf = (pattern: Pattern, deg: number): DepthAim =>
  pattern === 'hinge' ? { leanRad: radOfDeg(deg) } : { thighRad: radOfDeg(deg) };

/** The pattern's postures; null where the body cannot even stand in this set-up. */
export function posturePath(
  problem: PostureProblem,
  depthDeg: number,
  escape: Escape,
): PosturePath | null {
  const { pattern } = problem.stance;
  for (const deg of STANDING[pattern]) {
    const first = settle(problem, aimOf(pattern, deg));
    if (first.status !== 'settled') continue;
    const standing = { deg, q: first.state.q, escaped: NOT_ESCAPED };
    return alongKnots(problem, escape, knotsFrom(problem, escape, standing, depthDeg));
  }
  return null;
}

function knotsFrom(
  problem: PostureProblem,
  escape: Escape,
  standing: Knot,
  depthDeg: number,
): readonly Knot[] {
  const knots: Knot[] = [standing];
  for (let k = 1; k <= KNOTS; k++) {
    const deg = standing.deg + (k / KNOTS) * (depthDeg - standing.deg);
    const aim = aimOf(problem.stance.pattern, deg);
    const last = knots[knots.length - 1];
    const escaped = escapedAt(problem, escape, aim, last.escaped, last.q);
    const here = escapedProblem(problem, escape, escaped);
    const next = settle(here, aim, last.q);
    if (next.status === 'blocked') return [...knots, ...deepestKnot(here, escaped)];
    knots.push({ deg, q: next.state.q, escaped });
  }
  return knots;
}

/** Where a limit ends the way down, the deepest posture is its end. */
function deepestKnot(problem: PostureProblem, escaped: Escaped): readonly Knot[] {
  const low = deepest(problem);
  if (low.status !== 'reached') return [];
  const deg = degOfRad(patternDepth(problem).value(low.state));
  const { q } = low.state;
  return [{ deg: problem.stance.pattern === 'hinge' ? -deg : deg, q, escaped }];
}

function alongKnots(problem: PostureProblem, escape: Escape, knots: readonly Knot[]): PosturePath {
  const [start, end] = [knots[0].deg, knots[knots.length - 1].deg];
  return {
    depthDeg: end,
    at: (share) => {
      const { q, escaped } = between(knots, start + share * (end - start));
      return { problem: escapedProblem(problem, escape, escaped), q };
    },
  };
}

function between(knots: readonly Knot[], deg: number): Pick<Knot, 'escaped'> & { q: Row } {
  const [first, last] = [knots[0], knots[knots.length - 1]];
  if (knots.length === 1) return { q: [...first.q], escaped: first.escaped };
  const sign = Math.sign(last.deg - first.deg) || 1;
  let k = 1;
  while (k < knots.length - 1 && sign * (deg - knots[k].deg) > 0) k += 1;
  const [a, b] = [knots[k - 1], knots[k]];
  const part = (deg - a.deg) / (b.deg - a.deg || 1);
  const held = Math.min(1, Math.max(0, part));
  const on = (side: 'left' | 'right') => (1 - held) * a.escaped[side] + held * b.escaped[side];
  return {
    q: mix(1 - held, a.q, held, b.q),
    escaped: { left: on('left'), right: on('right') },
  };
}
