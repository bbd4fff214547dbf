import type { MaybeSide } from '../../foundation/sides/side';
import type { PostureSlopes } from './slopes';
import type { PostureState } from './state';
import { zeroRow, type Row } from './variables';

/** What can stop a posture: a joint, a muscle over two joints, flesh on flesh, or the body's balance. */
const LIMIT_IDS = [
  'ankleBend',
  'hipBend',
  'kneeBend',
  'hipTurnIn',
  'hipTurnOut',
  'hipOpen',
  'hipAdduct',
  'shinTiltIn',
  'shinTiltOut',
  'shinTurnIn',
  'shinTurnOut',
  'hipExtend',
  'toeBend',
  'hamstrings',
  'longCalf',
  'frontThigh',
  'lumbarBend',
  'lumbarArch',
  'bellyOnThigh',
  'legLength',
  'heelDown',
  'kneeOnFloor',
  'hipsOnFloor',
  'weightShare',
  'pelvisTurn',
  'pelvisTilt',
  'sideLean',
  'trunkLevel',
  'trunkUpright',
  'heelsPressed',
  'toesPressed',
  'sidePressed',
  'postReach',
  'postPull',
  'softKnee',
  'footClear',
  'freeLeg',
  'balance',
] as const;
export type LimitId = (typeof LIMIT_IDS)[number];

/** One thing that must hold: slack is never negative. Radians, metres or a share. */
export interface Condition {
  readonly limit: LimitId;
  readonly side: MaybeSide;
  readonly slack: (state: PostureState) => number;
  readonly row: (state: PostureState, slopes: PostureSlopes) => Row;
}

/** Limits that a joint or muscle of the client sets, as against balance and the floor. */
export const RANGE_LIMITS: readonly LimitId[] = LIMIT_IDS.slice(0, LIMIT_IDS.indexOf('lumbarArch'));

/** A condition's row that one variable alone decides. */
export const onlyRow = (variable: number, value: number): Row => {
  const row = zeroRow();
  row[variable] = value;
  return row;
};

/** A variable between two bounds. */
export function between(
  limits: readonly [LimitId, LimitId],
  variable: number,
  low: number,
  high: number,
  side: MaybeSide = null,
): Condition[] {
  const [up, down] = [onlyRow(variable, 1), onlyRow(variable, -1)];
  return [
    { limit: limits[0], side, slack: ({ q }) => q[variable] - low, row: () => up },
    { limit: limits[1], side, slack: ({ q }) => high - q[variable], row: () => down },
  ];
}
