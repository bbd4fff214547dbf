import type { Vec2, Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { pressureRoom } from '../solver/pressureRoom';
import { postureReport } from '../solver/postureReport';
import { ABOVE, project } from './camera';
import { footPart } from './flesh';
import { hullsOf, silhouette } from './silhouette';
import { skeletonOf } from './skeletonOf';
import type { Posed } from './squatPosture';

/** The feet on the floor from above, the client facing up the picture. Millimetres, as in any drawing. */
export interface Footprints {
  /** Outlines as SVG path data. */
  readonly feet: Partial<Readonly<Record<Side, string>>>;
  /** The field in which the ground can push while the body stands, corner by corner. */
  readonly room: readonly Vec2[];
  /** Where it pushes. */
  readonly pressed: Vec2;
  /** From the feet's hindmost to their foremost, and from side to side. */
  readonly box: PictureBox;
}

interface PictureBox {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

function boxOf(points: readonly Vec2[]): PictureBox {
  const [xs, ys] = [points.map(([x]) => 1000 * x), points.map(([, y]) => 1000 * y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}

const placed = ([x, y]: Vec2): Vec2 => {
  const floor: Vec3 = [x, y, 0];
  const [right, down] = project(ABOVE, floor);
  return [1000 * right, 1000 * down];
};

/** What the feet of a posture leave on the floor. */
export function footprintsOf(posed: Posed): Footprints {
  const { problem, state } = posed;
  const skeleton = skeletonOf(posed);
  const standing = SIDES.filter((side) => side !== problem.hanging?.side);
  const parts = standing.map((side) => footPart(problem.body, skeleton, side));
  return {
    feet: Object.fromEntries(standing.map((side, i) => [side, silhouette(ABOVE, parts[i])])),
    box: boxOf(parts.flatMap((part) => hullsOf(ABOVE, part).flat())),
    room: pressureRoom(problem.feet).map(placed),
    pressed: placed(postureReport(problem, state).pressureM),
  };
}
