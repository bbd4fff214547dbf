import {
  gateOf,
  maybeLookProblem,
  type ClientRecord,
  type DrillRecord,
  type HomePlan,
  type HomePlanRecord,
  type LookRecord,
  type MessageRecord,
  type RecordKind,
  type RoomRecord,
  type Unsent,
  type VisitRecord,
  whyUnsent,
} from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { Erasure } from '../database/entities/Erasure';
import { Visit } from '../database/entities/Visit';
import { AppError, invalid } from '../ground/errors';
import { maybeBarredDrill, maybeBarredRung } from './maybeBarredDrill';
import { maybeClientFile } from './readFile';

type Guard = (write: {
  before: object | null;
  after: object;
  practiceId: string;
  manager: EntityManager;
}) => Promise<void>;

const contains = <T>(longer: readonly T[], shorter: readonly T[]): boolean =>
  shorter.every((item) => longer.some((other) => isSaid(other, item)));

/** Keys in one order, at every depth: JSONB does not keep the order in which they were written. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (!value || typeof value !== 'object') return value;
  const entries = Object.entries(value).sort(([a], [b]) => a.localeCompare(b));
  return Object.fromEntries(entries.map(([key, one]) => [key, sorted(one)]));
}

/** Whether two values say the same. */
const isSaid = (one: unknown, other: unknown): boolean =>
  JSON.stringify(sorted(one)) === JSON.stringify(sorted(other));

/** A list that is a record of what was said or decided: added to, never taken back or changed. */
const onlyGrows =
  (field: string, message: string, hint?: string): Guard =>
  async ({ before, after }) => {
    const listOf = (record: object) => (record as Record<string, readonly unknown[]>)[field];
    if (before && !contains(listOf(after), listOf(before))) throw invalid(message, field, hint);
  };

const asksOnlyGrow = onlyGrows(
  'asks',
  'Answers to the safety questions cannot be taken back.',
  'Record who cleared them instead.',
);

const opinionsOnlyGrow = onlyGrows(
  'opinions',
  'An opinion on a cause stays in the record.',
  'Add one that takes it back.',
);

const clearancesOnlyGrow = onlyGrows('clearances', 'A recorded clearance cannot be changed.');

const answersOnlyGrow = onlyGrows('answers', 'An answer to a report from home stays.');

const WHY_NOT = {
  blocked: 'Stop and refer: a clinician has to clear this client before any drill.',
  'no-consent': 'Consent is not recorded yet.',
  unasked: 'Ask the stop-and-refer questions first.',
} as const;

/** No drill is written for a client whom the gate holds back, whoever asks. */
const gateIsOpen: Guard = async ({ after, manager }) => {
  const drill = after as DrillRecord;
  if (drill.status === 'skipped' || drill.status === 'stopped' || drill.removed) return;
  await needOpenGate(drill, manager);
};

/** @throws AppError 422 when the client's gate is not open in that visit */
async function needOpenGate(
  { clientId, visitId }: { clientId: string; visitId: string },
  manager: EntityManager,
): Promise<void> {
  const file = await maybeClientFile(manager, clientId);
  if (!file) return;
  const gate = gateOf(file, visitId);
  if (gate.status === 'open') return;
  throw new AppError(422, {
    code: 'blocked',
    message: WHY_NOT[gate.status],
    path: 'visitId',
    hint: 'Open the safety step of the visit.',
  });
}

/** What may be said about a plan that goes on, whoever is held back. */
const BESIDE_A_PLAN: readonly string[] = ['answers', 'note'];

/** Goes on as it was: what the client does, and for how long, is the same. */
const goesOn = (before: HomePlanRecord, after: HomePlanRecord): boolean =>
  !before.endedOn &&
  Object.entries(after).every(
    ([key, value]) => BESIDE_A_PLAN.includes(key) || isSaid(before[key as keyof HomePlan], value),
  );

/**
 * No plan goes home with a client whom the gate holds back, neither a new one nor one that is opened again or
 * changed; one that is there may be ended or answered.
 */
const gateOfPlanIsOpen: Guard = async ({ before, after, manager }) => {
  const plan = after as HomePlanRecord;
  if (plan.endedOn || (before && goesOn(before as HomePlanRecord, plan))) return;
  await needOpenGate(plan, manager);
};

/** No rung that a standing fact about the client, or a pain of the visit in which it is planned, speaks against. */
const rungIsAllowed: Guard = async ({ before, after, manager }) => {
  const drill = after as DrillRecord;
  // What was carried before the flag was known stays in the record.
  if ((before as DrillRecord | null)?.rung?.rung === drill.rung?.rung || drill.removed) return;
  const file = await maybeClientFile(manager, drill.clientId);
  const barred = file && maybeBarredRung(file, drill);
  if (barred) throw new AppError(422, barred);
};

const isSame = (one: DrillRecord, other: DrillRecord): boolean =>
  one.drill === other.drill && one.side === other.side && !one.removed;

/**
 * No drill is planned that a flag or a pain of its visit keeps out. What was planned before it was known can
 * still be done with, and what was done stays in the record.
 */
const drillIsAllowed: Guard = async ({ before, after, manager }) => {
  const drill = after as DrillRecord;
  if (drill.status !== 'planned' || drill.removed) return;
  if (before && isSame(before as DrillRecord, drill)) return;
  const file = await maybeClientFile(manager, drill.clientId);
  const barred = file && maybeBarredDrill(file, drill);
  if (barred) throw new AppError(422, barred);
};

/** A device that still holds writes of a client who was erased does not bring that client back. */
const wasNotErased: Guard = async ({ before, after, manager }) => {
  const { id: clientId } = after as ClientRecord;
  if (before || !(await manager.existsBy(Erasure, { clientId }))) return;
  throw new AppError(410, {
    code: 'erased',
    message: 'This client was erased.',
    hint: 'What this device still holds of them can be let go.',
  });
};

/** A practice has one room, which has the practice's own id. */
const roomOfThePractice: Guard = async ({ after, practiceId }) => {
  if ((after as RoomRecord).id !== practiceId)
    throw invalid('A room has the id of its practice.', 'id');
};

/** A record stays with its client and visit. */
const staysWhereItIs: Guard = async ({ before, after }) => {
  for (const key of ['clientId', 'visitId'] as const) {
    const [was, is] = [before as Record<string, unknown> | null, after as Record<string, unknown>];
    if (was && was[key] !== is[key]) throw invalid(`${key} of a record cannot change.`, key);
  }
};

const visitOf = (manager: EntityManager, id: string): Promise<Visit | null> =>
  manager.getRepository(Visit).findOneBy({ id });

/** A look says only what can be seen in the pattern of its visit. */
const goesWithItsPattern: Guard = async ({ after, manager }) => {
  const look = after as LookRecord;
  const visit = await visitOf(manager, look.visitId);
  const problem = visit && maybeLookProblem(visit.pattern, look);
  if (problem) throw invalid(problem.message, problem.path);
};

/** Looks, drills and verdicts of a visit belong to one pattern. */
const patternStays: Guard = async ({ before, after }) => {
  const [was, is] = [before as VisitRecord | null, after as VisitRecord];
  if (was && was.pattern !== is.pattern)
    throw invalid('The pattern of a visit cannot change.', 'pattern', 'Start another visit.');
};

const WHY_UNSENT: Partial<Record<Unsent, string>> = {
  'no-address': 'There is no address to write to.',
  'no-consent': 'Consent is not recorded yet.',
  'held-back':
    'Stop and refer: a clinician has to clear this client first. Speak with them yourself.',
  'no-plan': 'This plan is not the one that holds.',
  'not-due': 'No look is due on that day.',
};

/** A letter is asked for while it may go out; the worker asks again as it goes. */
const mayBeWritten: Guard = async ({ before, after, manager }) => {
  const message = after as MessageRecord;
  if (before) throw invalid('A letter that was asked for cannot be changed.', 'id');
  const file = await maybeClientFile(manager, message.clientId);
  const why = file && whyUnsent(file, message);
  if (why)
    throw new AppError(422, { code: why, message: WHY_UNSENT[why] ?? why, path: 'clientId' });
};

/** What else must be true before a record of this kind is written. */
export const GUARDS: Readonly<Record<RecordKind, readonly Guard[]>> = {
  clients: [clearancesOnlyGrow, wasNotErased],
  visits: [staysWhereItIs, patternStays, asksOnlyGrow, opinionsOnlyGrow],
  looks: [staysWhereItIs, goesWithItsPattern],
  probes: [staysWhereItIs],
  checks: [staysWhereItIs],
  drills: [staysWhereItIs, gateIsOpen, rungIsAllowed, drillIsAllowed],
  pictures: [staysWhereItIs],
  images: [staysWhereItIs],
  homePlans: [staysWhereItIs, gateOfPlanIsOpen, answersOnlyGrow],
  messages: [staysWhereItIs, mayBeWritten],
  ownDrills: [],
  rooms: [roomOfThePractice],
};
