import type { Ask, TraceSnapshot, VisitOpinion } from './visitRecord';
import type { VisitRecord } from './visitRecord';
import { oneOf, maybeSide, J, instant, id, objectOf } from '../schemas/joi';
import { CAUSES } from '../../knowledge/causes';
import { VISIT_OPINIONS, STEPS } from './visitRecord';
import { KIT } from '../../knowledge/kit';
import { wishSchema } from './wishSchema';
import { PATTERNS } from '../../body/stance/patterns';
import { REFER_QUESTIONS } from '../../knowledge/refer';
import { NO_WISH } from './sessionWish';

const about = {
  cause: oneOf(CAUSES.map((row) => row.id)).required(),
  side: maybeSide().required(),
};

const probability = () => J.number().min(0).max(1).required();

const opinion = objectOf<VisitOpinion>({
  ...about,
  says: oneOf(VISIT_OPINIONS).required(),
  why: J.string().trim().min(2).max(300).required().label('why'),
  on: instant().required(),
  byFindings: probability(),
});

const traced = objectOf<TraceSnapshot>({
  on: instant().required(),
  causes: J.array()
    .items(
      objectOf<TraceSnapshot['causes'][number]>({
        ...about,
        p: probability(),
        byFindings: probability(),
      }),
    )
    .max(40)
    .required(),
});

const kit = oneOf(KIT.map((row) => row.id));

const wish = J.object(wishSchema).options({ presence: 'required' }).optional();

export const visitSchema = objectOf<VisitRecord>({
  id: id(),
  clientId: id(),
  pattern: oneOf(PATTERNS).required(),
  openedOn: instant().required(),
  closedOn: instant().allow(null).required(),
  step: oneOf(STEPS).required(),
  asks: J.array()
    .items(
      objectOf<Ask>({
        on: instant().required(),
        positives: J.array()
          .items(oneOf(REFER_QUESTIONS.map((row) => row.id)))
          .unique()
          .required(),
      }),
    )
    .max(50)
    .required(),
  minutes: J.number().min(0).max(120).required().label('minutes'),
  next: oneOf(['training', 'rest']).required(),
  // An app from before these were there wrote visits without them: what it kept is not refused.
  kit: J.array()
    .items(kit)
    .unique()
    .default(KIT.map((row) => row.id)),
  wish: wish.default(NO_WISH),
  opinions: J.array().items(opinion).max(200).default([]),
  traced: traced.allow(null).default(null),
  extra: J.object().unknown(true).allow(null).default(null),
});
