import type { SeenFault } from '../case/caseFile';
import type { HoldClock, KeptRecording, LookNote, Rep } from './lookRecord';
import type { LookRecord } from './lookRecord';
import { oneFault } from '../../knowledge/faults';
import { J, oneOf, maybeSide, instant, id, objectOf } from '../schemas/joi';
import { FAULT_IDS, CLEAR_KEYS } from '../case/clearKeys';
import { PHASES, GRADES } from '../../body/stance/patterns';
import { FAULT_UNITS } from '../../knowledge/faultRow';
import { REGIONS } from '../../knowledge/regions';
import { PAIN_KINDS } from '../case/caseFile';
import type { MaybeSide } from '../../foundation/sides/side';
import { faultKey } from '../../knowledge/keys';
import { PHRASES } from '../../knowledge/phrases';
import { RECORDING_VIEWS } from '../recordings/recording';
import { MEASURES, MEASURE_UNITS } from '../recordings/measures';
import { setupSchema } from '../case/setupSchema';
import { RATINGS } from './lookRecord';

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

const fault = objectOf<SeenFault>({
  fault: oneOf(FAULT_IDS).required(),
  side: maybeSide(),
  phase: oneOf(PHASES).required(),
  grade: oneOf(GRADES).required(),
  value: J.number(),
  unit: oneOf(FAULT_UNITS),
}).custom(obeysItsRow as never);

const pain = objectOf<LookRecord['pain'][number]>({
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

const rep = objectOf<Rep>({
  downS: repSeconds().label('seconds down'),
  upS: repSeconds().label('seconds up'),
});

const note = objectOf<LookNote>({
  phrase: oneOf(PHRASES.map((row) => row.id)).required(),
  phase: oneOf(PHASES).required(),
  on: instant().required(),
});

const hold = objectOf<HoldClock>({
  runningSince: instant().allow(null).required(),
  heldS: J.number().min(0).max(3600).required().label('seconds held'),
});

const keptRecording = objectOf<KeptRecording>({
  id: id(),
  on: instant().required(),
  view: oneOf(RECORDING_VIEWS).required(),
  repetitions: J.number().integer().min(0).max(10_000).required(),
  measures: J.array()
    .items(
      objectOf<KeptRecording['measures'][number]>({
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

export const lookSchema = objectOf<LookRecord>({
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
