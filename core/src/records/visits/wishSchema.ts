import { J, maybeSide, objectOf } from '../schemas/joi';
import { drillId } from '../drills/drillId';
import type { DrillOnSide } from '../../knowledge/keys';
import { isShipped, oneDrill } from '../../knowledge/drills';
import { doseSchema } from '../schemas/doseSchema';

const onSide = objectOf<DrillOnSide>({ drill: drillId(), side: maybeSide().required() }).custom(
  (one: DrillOnSide, helpers) =>
    !isShipped(one.drill) || oneDrill(one.drill).oneSided === (one.side !== null)
      ? one
      : helpers.message({
          custom: `${one.drill} ${one.side === null ? 'needs a side' : 'has no side'}`,
        }),
);

/** A drill on a side, as one string (`tall-march@`, `hip-rock-back@left`). */
const key = () => J.string().max(80);

/** What a coach holds on to in a session, field by field. */
export const wishSchema = {
  locked: J.array().items(onSide).max(20),
  dropped: J.array().items(onSide).max(200),
  doses: J.object().pattern(key(), doseSchema()).max(40),
  order: J.array().items(key()).max(40),
  // An app from before there were ladders wrote wishes without them.
  rungs: J.object().pattern(key(), J.string().max(40)).max(40).optional().default({}),
};
