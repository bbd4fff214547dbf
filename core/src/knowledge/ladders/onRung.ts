import type { DrillRow } from '../drillRow';
import { onePose } from '../../body/skeleton/poses';
import type { Ladder, Rung } from './ladder';
import { loadOfRung } from './loadOfRung';

/** A drill of a ladder as one of its rungs is done, with what that does to a body. */
export function onRung(row: DrillRow, ladder: Ladder, rung: Rung): DrillRow {
  const [start, end] = rung.poses;
  return {
    ...row,
    how: rung.how,
    poses: [onePose(start), onePose(end)],
    load: loadOfRung(ladder, rung),
  };
}
