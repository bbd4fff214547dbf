import type { Vec3 } from '../../foundation/numeric/vector';
import type { Side } from '../../foundation/sides/side';
import type { Foot } from './feet';

/** The level line from where the right foot presses to where the left one does. Metres. */
export interface FootLine {
  readonly from: Vec3;
  readonly lengthM: number;
  readonly along: Vec3;
  /** To the front for feet side by side; to a side for feet one behind the other. */
  readonly across: Vec3;
}

export function footLine({ left, right }: Readonly<Record<Side, Foot>>): FootLine {
  const x = left.pressure[0] - right.pressure[0];
  const y = left.pressure[1] - right.pressure[1];
  const lengthM = Math.sqrt(x * x + y * y);
  return {
    from: right.pressure,
    lengthM,
    along: [x / lengthM, y / lengthM, 0],
    across: [y / lengthM, -x / lengthM, 0],
  };
}
