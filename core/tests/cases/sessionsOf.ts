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
import { planReport, type ReportedPlan } from '../../src/exchange/case/planReport';
import { careFrom, reportedCare } from '../../src/exchange/case/reportedCare';
import { plannedCauses } from '../../src/planning/session/plannedCauses';
import { reconcile } from '../../src/inference/trace/reconcile/reconcile';
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

/** Plans for the causes of a case, whatever is asked for. */
function plannerOf({ file: document }: AcceptanceCase, approach: SessionLimits['approach']) {
  const file = caseFileFrom(document);
  const found = plannedCauses(trace(file), reconcile(file).file);
  const care = careFrom(reportedCare(file));
  const { pattern } = file.look;
  return (asked: Asked, wish?: SessionWish): ReportedPlan =>
    planReport(found, { pattern, ...care, approach, ...asked }, wish);
}

type Session = readonly [name: string, lines: () => readonly string[]];

function sessionsOf(one: AcceptanceCase, place: number): readonly Session[] {
  const chosen = [place, place + 2].map((i): Session => {
    const [words, asked] = ASKED[i % ASKED.length];
    const school = APPROACHES[place % APPROACHES.length].id;
    const approach = asked.minutes === 30 ? school : 'blended';
    return [`${one.name} · ${words}`, () => linesOf(plannerOf(one, approach)(asked))];
  });
  const changed = (): readonly string[] => {
    const [plan, usual] = [plannerOf(one, 'blended'), { minutes: 12, next: 'training' } as const];
    return linesOf(plan(usual, changedBy(plan(usual))));
  };
  return place % 2 === 0 ? [...chosen, [`${one.name} · ${CHANGED}`, changed]] : chosen;
}

/** Two or three sessions of every case, by its name and what was asked for; worked out when they are asked for. */
export const SESSIONS: readonly Session[] = [...ACCEPTANCE_CASES, ...CASES_OF_CARE].flatMap(
  sessionsOf,
);
