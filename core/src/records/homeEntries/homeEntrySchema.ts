import type { DoseEntry, MorningEntry, SafetyEntry } from './homeEntry';
import { REFER_QUESTIONS } from '../../knowledge/refer';
import { DOSE_DONE, WHY_NOT } from './homeEntry';
import { clockTime, drillKeySchema } from '../homePlans/homePlanSchema';
import { day, id, instant, J, oneOf, objectOf } from '../schemas/joi';

const said = {
  id: id(),
  planId: id(),
  planVersion: J.number().integer().min(1).required(),
  on: day().required(),
  said: instant().required(),
};

const dose = objectOf<DoseEntry>({
  ...said,
  kind: oneOf(['dose']).required(),
  key: drillKeySchema(),
  at: clockTime(),
  name: J.string().trim().min(1).max(120).required(),
  done: oneOf(DOSE_DONE).required(),
  why: oneOf([...WHY_NOT, null]).required(),
  pain: J.number().integer().min(0).max(10).allow(null).required().label('pain'),
  sharp: J.boolean().required(),
});

const morning = objectOf<MorningEntry>({
  ...said,
  kind: oneOf(['morning']).required(),
  worse: J.boolean().required(),
});

const safety = objectOf<SafetyEntry>({
  ...said,
  kind: oneOf(['safety']).required(),
  positives: J.array()
    .items(oneOf(REFER_QUESTIONS.map((row) => row.id)))
    .unique()
    .required(),
});

const ofNoKind = J.object({ kind: oneOf(['dose', 'morning', 'safety']).required() }).unknown(true);

/** What a client says from home, as the page's API takes it: of one of three kinds. */
export const homeEntrySchema = J.alternatives().conditional('.kind', {
  switch: [
    { is: 'dose', then: dose },
    { is: 'morning', then: morning },
    { is: 'safety', then: safety, otherwise: ofNoKind },
  ],
});
