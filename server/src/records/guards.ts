import {
  gateOf,
  type ClientRecord,
  type DrillRecord,
  type RecordKind,
  type VisitRecord,
} from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { AppError, invalid } from '../errors';
import { maybeClientFile } from './readFile';

type Guard = (write: {
  before: object | null;
  after: object;
  manager: EntityManager;
}) => Promise<void>;

const contains = <T>(longer: readonly T[], shorter: readonly T[]): boolean =>
  shorter.every((item) =>
    longer.some((other) => JSON.stringify(sorted(other)) === JSON.stringify(sorted(item))),
  );

/** Keys in one order: JSONB does not keep the order in which they were written. */
const sorted = (value: unknown): unknown =>
  value && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(
        Object.entries(value)
          .sort(([a], [b]) => a.localeCompare(b))
          .map(([k, v]) => [k, sorted(v)]),
      )
    : value;

/** Answers to the stop-and-refer questions are a record of safety: they are added to, never taken back. */
const asksOnlyGrow: Guard = async ({ before, after }) => {
  const [was, is] = [before as VisitRecord | null, after as VisitRecord];
  if (was && !contains(is.asks, was.asks))
    throw invalid(
      'Answers to the safety questions cannot be taken back.',
      'asks',
      'Record who cleared them instead.',
    );
};

const clearancesOnlyGrow: Guard = async ({ before, after }) => {
  const [was, is] = [before as ClientRecord | null, after as ClientRecord];
  if (was && !contains(is.clearances, was.clearances))
    throw invalid('A recorded clearance cannot be changed.', 'clearances');
};

const WHY_NOT = {
  blocked: 'Stop and refer: a clinician has to clear this client before any drill.',
  'no-consent': 'Consent is not recorded yet.',
  unasked: 'Ask the stop-and-refer questions first.',
} as const;

/** No drill is written for a client whom the gate holds back, whoever asks. */
const gateIsOpen: Guard = async ({ after, manager }) => {
  const drill = after as DrillRecord;
  if (drill.status === 'skipped' || drill.status === 'stopped' || drill.removed) return;
  const file = await maybeClientFile(manager, drill.clientId);
  if (!file) return;
  const gate = gateOf(file, drill.visitId);
  if (gate.status === 'open') return;
  throw new AppError(422, {
    code: 'blocked',
    message: WHY_NOT[gate.status],
    path: 'visitId',
    hint: 'Open the safety step of the visit.',
  });
};

/** A record stays with its client and visit. */
const staysWhereItIs: Guard = async ({ before, after }) => {
  for (const key of ['clientId', 'visitId'] as const) {
    const [was, is] = [before as Record<string, unknown> | null, after as Record<string, unknown>];
    if (was && was[key] !== is[key]) throw invalid(`${key} of a record cannot change.`, key);
  }
};

/** What else must be true before a record of this kind is written. */
export const GUARDS: Readonly<Record<RecordKind, readonly Guard[]>> = {
  clients: [clearancesOnlyGrow],
  visits: [staysWhereItIs, asksOnlyGrow],
  looks: [staysWhereItIs],
  probes: [staysWhereItIs],
  checks: [staysWhereItIs],
  drills: [staysWhereItIs, gateIsOpen],
};
