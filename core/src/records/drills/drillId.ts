import { J, oneOf } from '../schemas/joi';
import { DRILLS } from '../../knowledge/drills';

/** A drill of the library, or a coach's own by its UUID. */
export const drillId = () =>
  J.alternatives()
    .try(oneOf(DRILLS.map((row) => row.id)), J.string().guid())
    .required();
