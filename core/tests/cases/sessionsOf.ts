import {
  APPROACHES,
  caseFileFrom,
  NO_WISH,
  oneDrill,
  trace,
  type MaybeSide,
  type SessionLimits,
  type SessionWish,
} from '../../src';
import { planReport, type ReportedPlan } from '../../src/case/planReport';
import { careFrom, reportedCare } from '../../src/case/reportedCare';
import { plannedCauses } from '../../src/planning/plannedCauses';
import { reconcile } from '../../src/trace/reconcile/reconcile';
import { ACCEPTANCE_CASES, type AcceptanceCase } from './acceptanceCases';
import { CASES_OF_CARE } from './casesOfCare';

type Asked = Pick<SessionLimits, 'minutes' | 'next'> & Partial<SessionLimits>;

const ASKED: readonly (readonly [string, Asked])[] = [
  ['3 minutes before training', { minutes: 3, next: 'training' }],
  ['15 before rest', { minutes: 15, next: 'rest' }],
  ['30, the school of its place', { minutes: 30, next: 'rest' }],
  ['8 with nothing in the room', { minutes: 8, next: 'training', kit: [] }],
];
const CHANGED = '12, changed by the coach';

const drillLine = ({ drill, side, dose, minutes, why, care }: ReportedPlan['drills'][number]) =>
  [`${keyOf({ drill, side })} ${dose} (${minutes} min): ${why}`, ...care].join(' / ');
const keyOf = ({ drill, side }: { drill: string; side: MaybeSide }) => `${drill}@${side ?? ''}`;

/** A session in lines that can be read: its drills, what is out, what is left, what is broken. */
const linesOf = ({ drills, leftOut, spare, broken, refused }: ReportedPlan): string[] => [
  ...drills.map(drillLine),
  ...leftOut.map(({ drill, reason }) => `not ${drill}: ${reason}`),
  ...(spare ? [`spare: ${spare}`] : []),
  ...broken.map((one) => `broken: ${Object.values(one).join(', ')}`),
  ...refused.map(({ drill, reason }) => `refused ${drill}: ${reason}`),
];

/** What comes first is out, a long hold is in, the rest is turned round, one is dosed. */
function changedBy({ drills }: ReportedPlan): SessionWish {
  const [first, second] = drills;
  return {
    ...NO_WISH,
    dropped: drills.length > 1 ? [first] : [],
    locked: [{ drill: 'bent-knee-calf-wall', side: 'right' }],
    order: drills.map(keyOf).toReversed(),
    doses: second ? { [keyOf(second)]: { ...oneDrill(second.drill).dose, sets: 1 } } : {},
  };
}

function sessionsOf({ file: document }: AcceptanceCase, place: number) {
  const file = caseFileFrom(document);
  const found = plannedCauses(trace(file), reconcile(file).file);
  const limits = (asked: Asked): SessionLimits => ({
    pattern: file.look.pattern,
    ...careFrom(reportedCare(file)),
    approach: asked.minutes === 30 ? APPROACHES[place % APPROACHES.length].id : 'blended',
    ...asked,
  });
  const chosen = [place, place + 2].map((i) => ASKED[i % ASKED.length]);
  const usual = limits({ minutes: 12, next: 'training' });
  return [
    ...chosen.map(([words, asked]) => [words, linesOf(planReport(found, limits(asked)))] as const),
    ...(place % 2 === 0
      ? [[CHANGED, linesOf(planReport(found, usual, changedBy(planReport(found, usual))))] as const]
      : []),
  ];
}

/** Two or three sessions of every case, each as lines, by its name and what was asked for. */
export const allSessions = (): readonly (readonly [string, readonly string[]])[] =>
  [...ACCEPTANCE_CASES, ...CASES_OF_CARE].flatMap((one, place) =>
    sessionsOf(one, place).map(([words, lines]) => [`${one.name} · ${words}`, lines] as const),
  );
