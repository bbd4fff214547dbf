import { careFrom, type ReportedCare } from './reportedCare';
import { APPROACHES, DEFAULT_APPROACH } from '../../knowledge/approaches';
import { CAUSES, oneCause, type CauseId } from '../../knowledge/causes';
import type { FlagId } from '../../knowledge/flags';
import { KIT } from '../../knowledge/kit';
import { PATTERNS } from '../../body/stance/patterns';
import { REFER_QUESTIONS } from '../../knowledge/refer';
import type { PlannedCause } from '../../planning/session/candidates';
import { type SessionLimits } from '../../planning/session/sessionLimits';
import { NO_WISH, type SessionWish } from '../../records/visits/sessionWish';
import type { CareFor } from '../../inference/safety/careOf';
import type { Pain } from '../../records/case/caseFile';
import { causeKey } from '../../knowledge/keys';
import { fillSide } from '../../foundation/words/fill';
import type { MaybeSide } from '../../foundation/sides/side';
import { careSchema, flagsSchema, painsSchema } from './careSchema';
import { doseSchema } from '../../records/schemas/doseSchema';
import { J, maybeSide, oneOf } from '../../records/schemas/joi';
import { parse, type Parsed } from '../../records/schemas/problems';
import { wishSchema } from '../../records/visits/wishSchema';

/** What `plan` takes: a trace, as `trace` prints it, and what the session has to fit. */
export interface PlanInput {
  /** A positive stop-and-refer answer: no session, whatever else is said. */
  readonly blocked: boolean;
  readonly causes: readonly PlannedCause[];
  readonly limits: SessionLimits;
  readonly wish: SessionWish;
}

const idsOf = (rows: readonly { readonly id: string }[]): string[] => rows.map(({ id }) => id);

const cause = J.object({
  cause: oneOf(idsOf(CAUSES)).required(),
  side: maybeSide().default(null),
  p: J.number().min(0).max(1).required(),
  stopsInFront: J.boolean().valid(true),
})
  .unknown(true)
  .custom((one: { cause: CauseId; side: MaybeSide }, helpers) =>
    oneCause(one.cause).sided === (one.side !== null)
      ? one
      : helpers.message({
          custom: `${one.cause} ${one.side === null ? 'needs a side' : 'has no side'}`,
        }),
  );

const planSchema = J.object({
  trace: J.object({
    blocked: J.boolean().default(false),
    causes: J.array().items(cause).max(200).required(),
    care: careSchema,
  })
    .unknown(true)
    .required(),
  constraints: J.object({
    pattern: oneOf(PATTERNS).required(),
    minutes: J.number().min(0).max(120).default(15),
    kit: J.array()
      .items(oneOf(idsOf(KIT)))
      .default(idsOf(KIT)),
    next: oneOf(['training', 'rest']).default('training'),
    flags: flagsSchema(),
    pain: painsSchema(),
    refer: J.array()
      .items(oneOf(idsOf(REFER_QUESTIONS)))
      .default([]),
    approach: oneOf(idsOf(APPROACHES)).default(DEFAULT_APPROACH),
    locked: wishSchema.locked.default([]),
    dropped: wishSchema.dropped.default([]),
    doses: J.object().pattern(J.string().max(80), doseSchema()).default({}),
    order: wishSchema.order.default([]),
  }).required(),
});

interface Read {
  trace: {
    blocked: boolean;
    causes: { cause: CauseId; side: MaybeSide; p: number; stopsInFront?: true }[];
    care: ReportedCare;
  };
  constraints: Omit<SessionLimits, 'pains'> & SessionWish & { pain: Pain[]; refer: string[] };
}

function planned({
  cause: id,
  side,
  p,
  stopsInFront,
}: Read['trace']['causes'][number]): PlannedCause {
  const { kind, sentence } = oneCause(id);
  return {
    key: causeKey(id, side),
    cause: id,
    side,
    kind,
    sentence: fillSide(sentence, side),
    p,
    ...(stopsInFront ? { stopsInFront } : {}),
  };
}

/** What the trace says and what the constraints add: nothing of either is lost. */
const withAdded = (care: ReportedCare, flags: readonly FlagId[], pain: readonly Pain[]): CareFor =>
  careFrom({
    ...care,
    flags: [...new Set([...care.flags, ...flags])],
    pain: [...care.pain, ...pain],
  });

/** Reads the input of `plan`; every problem with its path. */
export function parsePlanInput(input: unknown): Parsed<PlanInput> {
  const read = parse<Read>(planSchema, input);
  if (read.status === 'bad') return read;
  const { trace, constraints } = read.value;
  const { locked, dropped, doses, order, refer, flags, pain, ...limits } = constraints;
  return {
    status: 'ok',
    value: {
      blocked: trace.blocked || refer.length > 0,
      causes: trace.causes.map(planned).sort((a, b) => b.p - a.p || a.key.localeCompare(b.key)),
      limits: { ...limits, ...withAdded(trace.care, flags, pain) },
      wish: { ...NO_WISH, locked, dropped, doses, order },
    },
  };
}
