import { smallestRealChange } from '../change/smallestRealChange';
import type { FaultRow } from '../../knowledge/faultRow';
import { FAULT_SIZES, type SeenIn } from '../../knowledge/faultSizes';
import type { Grade } from '../../body/stance/patterns';
import type { SeenFault } from '../../records/case/caseFile';

/** Most that a size alone can say, in decibans, and after how many smallest real changes most of it is said. Ours. */
const MOST_DECIBANS = 25;
const REACH = 1.1;

/** A number says more than the grade beside it, which is the same glance in one word. */
const SHARE_OF_NUMBER = 2 / 3;

/** What a grade says where no number was taken, in decibans: that of 0.4, 1 and 2.3 real changes. */
const DECIBANS_OF_GRADE: Readonly<Record<Grade, number>> = { slight: 7, plain: 15, marked: 22 };

/**
 * How much a departure says that is so many smallest real changes large, in decibans: next to nothing
 * well within the error, most of what there is to say at two, and never a step between.
 */
export const decibansOfSize = (realChanges: number): number =>
  MOST_DECIBANS * -Math.expm1(-((Math.max(0, realChanges) / REACH) ** 2));

/** How far beyond what is usual a number lies, in smallest real changes of the eye; null where none was read. */
function maybeRealChanges(fault: SeenFault, row: FaultRow, look: SeenIn): number | null {
  const size = FAULT_SIZES[fault.fault];
  if (fault.value === undefined || !size) return null;
  const begins = typeof size.begins === 'number' ? size.begins : size.begins(look);
  const beyond = size.less ? begins - fault.value : fault.value - begins;
  return beyond / smallestRealChange(row.eyeSem);
}

export const ratioOfDecibans = (decibans: number): number => 10 ** (decibans / 10);

/**
 * Likelihood ratio of a fault by its size: a slight one, or one of a few millimetres, may be the eye's
 * own error. Grade and number are two readings of one thing: together they say what lies between them.
 */
export function faultRatio(fault: SeenFault, row: FaultRow, look: SeenIn): number {
  const byGrade = DECIBANS_OF_GRADE[fault.grade];
  const changes = maybeRealChanges(fault, row, look);
  if (changes === null) return ratioOfDecibans(byGrade);
  const byNumber = decibansOfSize(changes);
  return ratioOfDecibans(byGrade + SHARE_OF_NUMBER * (byNumber - byGrade));
}
