import type { Pain } from './caseFile';
import { PHASES } from '../../body/stance/patterns';
import { REGIONS } from '../../knowledge/regions';
import { PAIN_KINDS } from './caseFile';
import { J, maybeSide, oneOf, objectOf } from '../schemas/joi';

/** Something that hurts, as a case file tells it. */
export const painSchema = objectOf<Pain>({
  region: oneOf(REGIONS).required(),
  side: maybeSide(),
  phase: oneOf(PHASES).required(),
  score: J.number().integer().min(0).max(10).required().label('pain'),
  kind: oneOf(PAIN_KINDS).required(),
});
