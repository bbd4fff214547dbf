import { HELD_WORDS } from '../../knowledge/roll';
import { onSide } from '../../foundation/sides/onSide';
import { drillOf } from '../../records/drills/drillOf';
import { cautionsOf, STANDING_CAUTION } from '../../inference/safety/cautionsOf';
import { oneCheck, type CheckId } from '../../knowledge/checks';
import { oneFault } from '../../knowledge/faults';
import { doseWords } from '../../knowledge/doseSeconds';
import { workDone } from '../../planning/player/timeline';
import type { MaybeSide } from '../../foundation/sides/side';
import { LIKELY_ENOUGH } from '../../inference/trace/likelyEnough';
import type { Trace } from '../../inference/trace/trace';
import { caseFileOf } from '../../inference/case/caseFileOf';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { DrillRecord } from '../../records/drills/drillRecord';
import { ownNorm } from '../../inference/visit/repeatsIn';
import {
  levelIn,
  verdictsOf,
  withheldBecause,
  type VisitVerdict,
} from '../../inference/visit/verdicts';
import { timesOf, valueOf } from '../../records/checks/plainReading';
import { faultKey } from '../../knowledge/keys';
import type { VisitFile } from '../../inference/case/visitFile';
import { fillSide } from '../../foundation/words/fill';
import { probabilityWords } from '../../foundation/words/probability';
import { withUnit } from '../../foundation/words/units';

type Word = VisitVerdict['word'];

/** One thing that was seen or measured, before and after. */
export interface ReportLine {
  readonly key: string;
  readonly what: string;
  readonly before: string;
  /** null: not looked at again. */
  readonly after: string | null;
  readonly word: Word | null;
  /** How sure a real improvement is, in words; null without a verdict. */
  readonly sure: string | null;
}

interface ReportCause {
  readonly key: string;
  readonly consistentWith: string;
  readonly p: string;
  /** Stays as it is: fitted around, not worked on. */
  readonly given: boolean;
}

interface ReportDrill {
  readonly key: string;
  readonly name: string;
  readonly side: MaybeSide;
  readonly dose: string;
  readonly status: DrillRecord['status'];
  readonly sets: number;
  readonly seconds: number;
  readonly pain: number | null;
  readonly keep: DrillRecord['keep'];
}

/** What one page says of a session, for a client or a clinician. */
export interface SessionReport {
  readonly seen: readonly ReportLine[];
  readonly measured: readonly ReportLine[];
  readonly withheld: readonly string[];
  readonly causes: readonly ReportCause[];
  readonly drills: readonly ReportDrill[];
  readonly cautions: readonly string[];
}

function verdictPart(verdict: VisitVerdict | undefined): Pick<ReportLine, 'word' | 'sure'> {
  return verdict
    ? { word: verdict.word, sure: probabilityWords(verdict.pBetter) }
    : { word: null, sure: null };
}

function seenLines(visit: VisitFile, verdicts: readonly VisitVerdict[]): ReportLine[] {
  const { first, again } = visit;
  return (first?.faults ?? []).map((fault) => {
    const row = oneFault(fault.fault);
    const key = faultKey(fault);
    const number = (value: number | undefined) =>
      value === undefined || !row.unit ? '' : `, ${withUnit(value, row.unit)}`;
    const level = levelIn(again, fault);
    const now = again?.faults.find((one) => faultKey(one) === key);
    return {
      key,
      what: fillSide(row.sentence, fault.side),
      before: `${fault.grade}${number(fault.value)}`,
      after: level ? `${level}${number(now?.value)}` : null,
      ...verdictPart(verdicts.find((one) => one.key === `fault:${key}`)),
    };
  });
}

/** A value with the error of its mean: "26° ± 1.7°". */
function measuredWords(record: CheckRecord, { client, repeats }: VisitFile): string | null {
  const row = oneCheck(record.check);
  if (row.type === 'result') {
    const at = row.results.indexOf(record.result as never);
    return at < 0 ? null : row.resultWords[at];
  }
  const value = valueOf(record);
  if (value === null) return null;
  const { sem, unit } = ownNorm(row, client.norms, repeats, timesOf(record));
  const error = withUnit(Math.round(sem * 10) / 10, unit);
  return `${withUnit(value, unit)} ± ${error}${record.held ? `, ${HELD_WORDS}` : ''}`;
}

function measuredLines(visit: VisitFile, verdicts: readonly VisitVerdict[]): ReportLine[] {
  const taken = (role: CheckRecord['role']) => visit.checks.filter((one) => one.role === role);
  return taken('first').flatMap((record) => {
    const before = measuredWords(record, visit);
    if (!before) return [];
    const { check, side } = record;
    const key = onSide(check, side);
    const later = taken('again').find((one) => one.check === check && one.side === side);
    const { name } = oneCheck(check as CheckId);
    return {
      key,
      what: side ? `${name}, ${side}` : name,
      before,
      after: later ? measuredWords(later, visit) : null,
      ...verdictPart(verdicts.find((one) => one.key === `check:${key}`)),
    };
  });
}

const causesOf = (found: Trace | null): ReportCause[] =>
  (found?.causes ?? [])
    .filter(({ p }) => p >= LIKELY_ENOUGH)
    .map(({ key, consistentWith, p, kind }) => ({
      key,
      consistentWith,
      p: probabilityWords(p),
      given: kind === 'given',
    }));

function drillLine(record: DrillRecord): ReportDrill {
  const { id, side, dose, status, log, pain, keep } = record;
  const { name } = drillOf(record);
  return { key: id, name, side, dose: doseWords(dose), status, ...workDone(log), pain, keep };
}

/** Everything one page says of a visit; nothing in it is a diagnosis. */
export function sessionReport(visit: VisitFile, found: Trace | null): SessionReport {
  const verdicts = verdictsOf(visit);
  return {
    seen: seenLines(visit, verdicts),
    measured: measuredLines(visit, verdicts),
    withheld: withheldBecause(visit),
    causes: causesOf(found),
    drills: visit.drills.filter(({ status }) => status !== 'planned').map(drillLine),
    cautions: found ? cautionsOf(caseFileOf(visit), found) : [STANDING_CAUTION],
  };
}
