import { faultKey } from '../../knowledge/keys';
import type { MaybeSide } from '../../foundation/sides/side';
import { FAULT_UNITS } from '../../knowledge/faultRow';
import { FAULTS, oneFault, type FaultRow } from '../../knowledge/faults';
import { GRADES, PHASES } from '../../body/stance/patterns';
import { REGIONS } from '../../knowledge/regions';
import { PHRASES } from '../../knowledge/phrases';
import { PROBES } from '../../knowledge/probes';
import { ARMS, HANDS, LOAD_PLACES, SHOES, TEMPOS } from '../../body/stance/setup';
import { PAIN_KINDS } from '../caseFile';
import { MEASURE_UNITS, MEASURES } from '../measures';
import { RECORDING_VIEWS } from '../recording';
import { RATINGS } from '../records';
import { id, instant, J, maybeSide, oneOf, side } from './joi';

const FAULT_IDS = FAULTS.map((row) => row.id);
/** Every fault that can be looked for in vain, on both sides or on one. */
export const CLEAR_KEYS = (FAULTS as readonly FaultRow[]).flatMap(({ id: fault, sided }) =>
  sided === 'none' ? [fault] : [fault, `${fault}@left`, `${fault}@right`],
);

const toeOut = () => J.number().min(-20).max(60).required();

export const setupSchema = J.object({
  stanceCm: J.number().min(8).max(140).required().label('stance'),
  toeOutDeg: J.object({ left: toeOut(), right: toeOut() }).required(),
  heelLiftMm: J.number().min(0).max(120).required().label('heel lift'),
  frontFootLiftMm: J.number().min(0).max(500),
  front: side(),
  stepCm: J.number().min(10).max(160).label('step'),
  oneLeg: side(),
  oneHeelUp: side(),
  arms: oneOf(ARMS).required(),
  hands: oneOf(HANDS).required(),
  load: J.object({
    at: oneOf(LOAD_PLACES).required(),
    kg: J.number().min(0).max(400).required(),
  }).required(),
  tempo: oneOf(TEMPOS).required(),
  depthAimDeg: J.number().min(-40).max(80),
  shoes: oneOf(SHOES).required(),
});

interface FaultInput {
  fault: string;
  side?: string | null;
  value?: number;
}

/** What the table of faults asks of a fault: a side if it has one, a number it can have. */
function obeysItsRow(
  input: FaultInput,
  helpers: { message: (words: { custom: string }) => unknown },
) {
  const row = oneFault(input.fault);
  if (row.sided !== 'none' && !input.side)
    return helpers.message({ custom: `${row.id} needs a side` });
  if (row.sided === 'none' && input.side)
    return helpers.message({ custom: `${row.id} has no side` });
  if (input.value === undefined) return input;
  if (!row.unit) return helpers.message({ custom: `${row.id} takes a grade, not a number` });
  const least = row.least ?? 0;
  if (input.value < least || input.value > row.most)
    return helpers.message({
      custom: `value of ${row.id} must be ${least} to ${row.most} ${row.unit}`,
    });
  return input;
}

const fault = J.object({
  fault: oneOf(FAULT_IDS).required(),
  side: maybeSide(),
  phase: oneOf(PHASES).required(),
  grade: oneOf(GRADES).required(),
  value: J.number(),
  unit: oneOf(FAULT_UNITS),
}).custom(obeysItsRow as never);

const pain = J.object({
  region: oneOf(REGIONS).required(),
  side: maybeSide(),
  phase: oneOf(PHASES).required(),
  score: J.number().integer().min(0).max(10).required().label('pain'),
  kind: oneOf(PAIN_KINDS).required(),
  on: instant().required(),
});

/** The same fault cannot be there and looked for in vain. */
function notBoth(
  look: { faults: { fault: string; side?: MaybeSide }[]; clear: string[] },
  helpers: { message: (words: { custom: string }) => unknown },
) {
  const both = look.faults.find(
    (one) => look.clear.includes(one.fault) || look.clear.includes(faultKey(one)),
  );
  return both ? helpers.message({ custom: `${both.fault} is both seen and clear` }) : look;
}

const repSeconds = () => J.number().min(0).max(120).allow(null).required();
const rep = J.object({
  downS: repSeconds().label('seconds down'),
  upS: repSeconds().label('seconds up'),
});

const note = J.object({
  phrase: oneOf(PHRASES.map((row) => row.id)).required(),
  phase: oneOf(PHASES).required(),
  on: instant().required(),
});

const hold = J.object({
  runningSince: instant().allow(null).required(),
  heldS: J.number().min(0).max(3600).required().label('seconds held'),
});

const keptRecording = J.object({
  id: id(),
  on: instant().required(),
  view: oneOf(RECORDING_VIEWS).required(),
  repetitions: J.number().integer().min(0).max(10_000).required(),
  measures: J.array()
    .items(
      J.object({
        measure: oneOf(MEASURES.map((row) => row.id)).required(),
        side: maybeSide().required(),
        unit: oneOf(MEASURE_UNITS).required(),
        mean: J.number().required(),
        sd: J.number().min(0).allow(null).required(),
      }),
    )
    .max(80)
    .required(),
});

export const lookSchema = J.object({
  id: id(),
  clientId: id(),
  visitId: id(),
  role: oneOf(['first', 'again']).required(),
  setup: setupSchema.required(),
  faults: J.array().items(fault).max(80).required(),
  clear: J.array().items(oneOf(CLEAR_KEYS)).unique().max(80).required(),
  pain: J.array().items(pain).max(40).required(),
  rating: oneOf([...RATINGS, null]).required(),
  // An app from before these were there wrote looks without them: what it kept is not refused.
  reps: J.array().items(rep).max(500).default([]),
  notes: J.array().items(note).max(100).default([]),
  hold: hold.allow(null).default(null),
  recordings: J.array().items(keptRecording).max(20).default([]),
  startedOn: instant().required(),
}).custom(notBoth as never);

export const probeSchema = J.object({
  id: id(),
  clientId: id(),
  visitId: id(),
  probe: oneOf(PROBES.map((row) => row.id)).required(),
  setup: setupSchema.required(),
  outcomes: J.array()
    .items(
      J.object({
        fault: oneOf(FAULT_IDS).required(),
        side: maybeSide().required(),
        outcome: oneOf(['better', 'same', 'worse']).required(),
      }),
    )
    .max(40)
    .required(),
  doneOn: instant().required(),
  removed: J.boolean().required(),
});
