import type { CaseDocument } from '../../src/exchange/case/caseDocument';
import { caseFileFrom } from '../../src/exchange/case/caseFileFrom';
import { traceReport, type TraceReport } from '../../src/exchange/case/traceReport';
import { oneCheck } from '../../src/knowledge/checks';
import { oneCause } from '../../src/knowledge/causes';
import { loadOf } from '../../src/knowledge/loadOf';
import { oneDrill } from '../../src/knowledge/drills';
import { maybeAgainstCheck, maybeAgainstProbe } from '../../src/inference/safety/againstAsking';
import { depthCutOf } from '../../src/inference/safety/depthCutOf';
import { goesDeep } from '../../src/inference/safety/goesDeep';
import { maybeForbidden } from '../../src/inference/safety/flagRules';
import { painEffects } from '../../src/inference/safety/painRules';
import { standingOf } from '../../src/inference/safety/standing';
import { wouldBend } from '../../src/inference/safety/wouldBend';
import { CAUSE_OF_RANGE } from '../../src/planning/session/gapCauses';
import { otherSide, type Side } from '../../src/foundation/sides/side';
import { trace } from '../../src/inference/trace/trace';
import type { CaseFile } from '../../src/records/case/caseFile';
import { sparing } from '../../src/planning/asking/sparing';
import { reconcile } from '../../src/inference/trace/reconcile/reconcile';
import { mirrored } from '../../tests/cases/mirrored';
import { askedThrough, couldChangeThePlan, type AskedState } from './askedThrough';

/** One case and what is said of it. */
export interface Judged {
  readonly document: CaseDocument;
  readonly file: CaseFile;
  readonly report: TraceReport;
  /** The same client and pattern with one thing amiss, asked until it is enough. */
  readonly asked: readonly AskedState[];
}

/** Something that has to hold for every case it speaks of; null where it does not speak of one. */
export interface Promised {
  readonly id: string;
  readonly words: string;
  readonly holds: (judged: Judged) => boolean | null;
}

/** @param at what is amiss in the case that is asked through, by number */
export const judge = (document: CaseDocument, at: number): Judged => ({
  document,
  file: caseFileFrom(document),
  report: traceReport(document),
  asked: askedThrough(document, at),
});

type Drill = TraceReport['plan']['drills'][number];
const rowOf = ({ drill }: Drill) => oneDrill(drill);
const sideOf = (one: Drill) => one.side;
const all = <T>(list: readonly T[], holds: (one: T) => boolean): boolean | null =>
  list.length === 0 ? null : list.every(holds);

const nameOf = (one: TraceReport['nextChecks'][number]): string =>
  `${'check' in one ? one.check : one.probe}@${one.side ?? ''}`;

const hurts = ({ file }: Judged): boolean => file.look.pain.length > 0;

function isAskable({ file, report }: Judged): boolean {
  const known = { ...standingOf(file.client), pains: file.look.pain };
  return report.nextChecks.every((one) =>
    'check' in one
      ? maybeAgainstCheck(one.check, one.side, known) === null
      : maybeAgainstProbe(one.probe, one.side, known) === null,
  );
}

function sparesFirst({ file, report }: Judged): boolean | null {
  const tries = sparing(file.look);
  const asked = report.nextChecks.map(nameOf).map((name) => name.split('@')[0]);
  const first = tries.find((one) => asked.includes(one));
  return first ? asked[0] === first : null;
}

const isPattern = (one: Drill): boolean => one.family === 'pattern';

/** A pattern on staggered feet, and whatever is for the whole body, is done on both sides that it may be done on. */
function isOnBoth({ file, report: { plan } }: Judged): boolean | null {
  const standing = standingOf(file.client);
  const isBarred = (one: Drill, side: Side) =>
    maybeForbidden(rowOf(one), side, standing) !== null ||
    painEffects(rowOf(one), side, file.look.pain).some(({ effect }) => effect === 'forbidden');
  const sided = plan.drills.filter(({ side }) => side !== null);
  const both = sided.filter(
    (one) =>
      (isPattern(one) && loadOf(rowOf(one)).stance === 'staggered') ||
      (one.targets.length > 0 && one.targets.every((cause) => !oneCause(cause).sided)),
  );
  return all(both, (each) => {
    const other = otherSide(each.side!);
    const isThere = plan.drills.some((one) => one.drill === each.drill && one.side === other);
    return isThere || isBarred(each, other);
  });
}

/** What a drill on one side is for lies on the side of the leg it is for. */
function isOnItsSide({ report }: Judged): boolean | null {
  const p = (cause: string, side: string) =>
    report.causes.find((one) => one.cause === cause && one.side === side)?.p ?? 0;
  const sided = report.plan.drills.filter(
    (one) => one.side !== null && one.targets.length > 0 && !isPattern(one),
  );
  return all(sided, (one) => {
    const { targets } = rowOf(one);
    return one.targets.some((cause) => {
      if (!oneCause(cause).sided) return true;
      const isRear = targets.find((target) => target.cause === cause)?.leg === 'rear';
      const side = isRear ? otherSide(one.side!) : one.side!;
      // Where own strength is asked for, the cause itself need not be likely.
      return p(cause, side) >= 0.3 || one.why.includes('more when moved than by itself');
    });
  });
}

const WITHIN = 1e-4;

function isMirrored({ document, report }: Judged): boolean {
  const other = traceReport(mirrored(document));
  const pOf = ({ causes }: TraceReport) =>
    new Map(causes.map((one) => [`${one.cause}@${one.side}`, one.p]));
  const [here, there] = [pOf({ ...report, causes: mirrored(report.causes) }), pOf(other)];
  const keys = ({ plan }: TraceReport) =>
    plan.drills.map(({ drill, side }) => `${drill}@${side}`).sort();
  return (
    [...here].every(([key, one]) => Math.abs(one - (there.get(key) ?? -1)) < WITHIN) &&
    keys({ ...report, plan: mirrored(report.plan) }).join() === keys(other).join() &&
    other.enough === report.enough
  );
}

/** Reasons are printed to a hundredth, probabilities to a ten-thousandth: near 0 and 1 that is a lot of decibans. */
function addsUp({ report }: Judged): boolean | null {
  const told = report.causes.filter(
    ({ p, priorDecibans }) => priorDecibans !== undefined && p > 0.01 && p < 0.99,
  );
  return all(told, ({ p, priorDecibans, because }) => {
    const sum = because.reduce((sofar, { decibans }) => sofar + decibans, priorDecibans!);
    return Math.abs(sum - 10 * Math.log10(p / (1 - p))) < 0.1;
  });
}

const SHORT_MIN = 3;
const ROUNDING = 0.051;

function short({ document, report }: Judged): boolean | null {
  if (report.plan.drills.every(({ targets }) => targets.length === 0)) return null;
  const session = { ...document.session!, minutes: SHORT_MIN };
  const { plan } = traceReport({ ...document, session });
  return (
    plan.minutes <= SHORT_MIN + ROUNDING && plan.drills.some(({ targets }) => targets.length > 0)
  );
}

const MOST_STEP = 0.12;
const ROUNDED = 1e-6;

/** How likely a cause is while one range of a case gets shorter, degree by degree. */
function whileShorter({ file }: Judged): readonly number[] | null {
  const at = file.checks.findIndex(
    (one) => one.passive !== undefined && one.side && CAUSE_OF_RANGE[one.check],
  );
  if (at < 0) return null;
  const check = file.checks[at];
  // Where it is felt decides between a muscle and its nerve: one of them may fall.
  const reading = { ...check, active: undefined, felt: undefined };
  const row = oneCheck(check.check);
  if (row.type !== 'range') return null;
  const { usual, restricted } = row.norm;
  const way = Math.sign(restricted[0] - usual[0]);
  const from = usual[0] - way * usual[1];
  const count = Math.round(Math.abs(restricted[0] - from) + 2 * restricted[1]);
  return Array.from({ length: count }, (_, i) => {
    const checks = file.checks.with(at, { ...reading, passive: from + way * i });
    const { causes } = trace({ ...file, checks });
    const cause = CAUSE_OF_RANGE[check.check];
    return causes.find((one) => one.cause === cause && one.side === check.side)?.p ?? 0;
  });
}

function hasNoCliff(judged: Judged): boolean | null {
  const p = whileShorter(judged);
  return (
    p && p.every((one, i) => i === 0 || (one - p[i - 1] > -ROUNDED && one - p[i - 1] <= MOST_STEP))
  );
}

const SURE = 0.95;
const NO_RIVAL = 0.25;

const isSettled = ({ causes }: TraceReport): boolean => {
  const open = causes.filter(({ kind }) => kind !== 'given');
  return open.some(({ p }) => p > SURE) && open.every(({ p }) => p > SURE || p <= NO_RIVAL);
};

const MOST_AFTER = 2;

/**
 * From where one cause is sure and none comes near, it asks hardly more, and only what can make another session; null
 * where that never comes about.
 */
function saysEnough({ asked }: Judged): boolean | null {
  const at = asked.findIndex(({ report }) => isSettled(report));
  if (at < 0) return null;
  const after = asked.slice(at);
  return (
    after.at(-1)!.report.enough &&
    after.length - 1 <= MOST_AFTER &&
    after.slice(0, -1).every(couldChangeThePlan)
  );
}

const cutOf = ({ file }: Judged) => depthCutOf(reconcile(file).file);

/** What would bend further than the model lets what hurts, besides the pattern and its ladders: it is said how far. */
function saysHowFar(judged: Judged): boolean | null {
  const bends = cutOf(judged)?.bends ?? [];
  const onFeet = judged.report.plan.drills.filter(
    (one) => loadOf(rowOf(one)).on === 'feet' && !goesDeep(rowOf(one)),
  );
  const bound = onFeet.flatMap((one) =>
    bends
      .filter(
        (limit) =>
          wouldBend(loadOf(rowOf(one)), one.side, limit) &&
          painEffects(rowOf(one), one.side, [limit.pain]).every(
            ({ effect }) => effect === 'easier',
          ),
      )
      .map(({ says }) => one.care.includes(says)),
  );
  return all(bound, (is) => is);
}

export const PROMISES: readonly Promised[] = [
  {
    id: 'pain',
    words: 'something hurts: no drill brings it on',
    holds: (judged) =>
      hurts(judged)
        ? judged.report.plan.drills.every((one) =>
            painEffects(rowOf(one), sideOf(one), judged.file.look.pain).every(
              ({ effect }) => effect !== 'forbidden',
            ),
          )
        : null,
  },
  {
    id: 'pain-says',
    words: 'and what is easier says how',
    holds: ({ file, report }) => {
      const easier = report.plan.drills.filter(
        (one) => painEffects(rowOf(one), one.side, file.look.pain).length > 0,
      );
      return all(easier, (one) =>
        painEffects(rowOf(one), one.side, file.look.pain).every(({ says }) =>
          one.care.includes(says),
        ),
      );
    },
  },
  {
    id: 'pain-depth',
    words: 'and the pattern is cut by the posture model',
    holds: (judged) => {
      const cut = cutOf(judged);
      const patterns = judged.report.plan.drills.filter(isPattern);
      return cut ? all(patterns, ({ care }) => care.includes(cut.says)) : null;
    },
  },
  {
    id: 'pain-bends',
    words: 'and what else is done on the feet says how far it bends what hurts',
    holds: saysHowFar,
  },
  { id: 'pain-asks', words: 'and what may spare it is tried first', holds: sparesFirst },
  {
    id: 'flags',
    words: 'flagged: no drill does what a flag forbids',
    holds: ({ file, report }) => {
      const standing = standingOf(file.client);
      return standing.flags.length > 0
        ? report.plan.drills.every((one) => maybeForbidden(rowOf(one), one.side, standing) === null)
        : null;
    },
  },
  {
    id: 'asks',
    words: 'pain or flags: no check or probe is asked for that they forbid',
    holds: (judged) =>
      hurts(judged) || judged.file.client.flags.length > 0 ? isAskable(judged) : null,
  },
  {
    id: 'answered',
    words: 'nothing is asked that is answered',
    holds: ({ document, report }) => {
      const done = new Set(document.checks.map(({ check, side }) => `${check}@${side ?? ''}`));
      return done.size > 0 ? report.nextChecks.every((one) => !done.has(nameOf(one))) : null;
    },
  },
  {
    id: 'feet',
    words: 'staggered patterns and whole-body work: on both sides that pain and flags allow',
    holds: isOnBoth,
  },
  { id: 'side', words: 'work on one side: on the side of the leg it is for', holds: isOnItsSide },
  { id: 'mirror', words: 'mirrored case: mirrored causes, plan and "enough"', holds: isMirrored },
  { id: 'reasons', words: 'reasons add up from the prior to what is stated', holds: addsUp },
  {
    id: 'pattern',
    words: 'the session ends with the pattern',
    holds: ({ report: { plan } }) =>
      plan.drills.length > 0 ? isPattern(plan.drills.at(-1)!) : null,
  },
  {
    id: 'cliffs',
    words: 'a range that gets shorter by a degree: no step above 0.12, never down',
    holds: hasNoCliff,
  },
  {
    id: 'short',
    words: 'three minutes: something likely is still worked on, and the minutes are kept',
    holds: short,
  },
  {
    id: 'enough',
    words:
      'asked on until one cause is sure and none comes near: enough, two questions later at most, each of which can change the plan',
    holds: saysEnough,
  },
];
