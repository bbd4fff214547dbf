import { onOneScale } from '../../inference/visit/onOneScale';
import { onSide } from '../../foundation/sides/onSide';
import { stepGains, type StepGain } from '../../inference/change/stepGains';
import { oneCheck, type CheckId } from '../../knowledge/checks';
import { groupBy } from '../../foundation/numeric/groupBy';
import type { MaybeSide } from '../../foundation/sides/side';
import type { CheckRecord } from '../../records/checks/checkRecord';
import { betterOf } from '../../inference/visit/verdicts';
import type { VisitPart } from '../../inference/visit/visitPart';

/** A check that was taken again between drills, and what each drill did to it. */
export interface SessionSteps {
  readonly check: CheckId;
  readonly side: MaybeSide;
  /** In the order they were taken; `step` is the id of the drill done before it, empty when none was. */
  readonly gains: readonly StepGain[];
}

type Part = Pick<VisitPart, 'client' | 'checks' | 'drills' | 'repeats'>;

const ORDER: Record<CheckRecord['role'], number> = { first: 0, between: 1, again: 2 };

/** The last drill that was done before the second look. */
const lastDone = ({ drills }: Part): string | null =>
  drills
    .filter(({ status, doneOn }) => status === 'done' && doneOn)
    .sort((a, b) => a.doneOn!.localeCompare(b.doneOn!))
    .at(-1)?.id ?? null;

/** The drill that was done between a measure and the one before it; null when none was. */
function drillBefore(
  record: CheckRecord,
  ordered: readonly CheckRecord[],
  part: Part,
): string | null {
  if (record.role !== 'again') return record.afterDrill;
  const last = lastDone(part);
  return ordered.some(({ afterDrill }) => afterDrill === last) ? null : last;
}

function stepsOf(records: readonly CheckRecord[], part: Part): SessionSteps | null {
  const [{ check, side }] = records;
  const row = oneCheck(check);
  if (row.type !== 'range') return null;
  const ordered = [...records].sort(
    (a, b) => ORDER[a.role] - ORDER[b.role] || a.doneOn.localeCompare(b.doneOn),
  );
  const taken = onOneScale(ordered, row, part).map(({ record, value, sem }) => ({
    value,
    sem,
    after: drillBefore(record, ordered, part),
  }));
  // With nothing in between, the verdict of the whole session says the same.
  return taken.length > 2 ? { check, side, gains: stepGains(taken, betterOf(row)) } : null;
}

/** What each drill of a session did to the checks that were taken between them. */
export const sessionSteps = (part: Part): SessionSteps[] =>
  [...groupBy(part.checks, ({ check, side }) => onSide(check, side)).values()]
    .map((records) => stepsOf(records, part))
    .filter((one) => one !== null);
