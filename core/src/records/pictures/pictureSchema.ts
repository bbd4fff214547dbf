import type { PictureRecord } from './pictureRecord';
import { J, id, oneOf, instant, objectOf } from '../schemas/joi';
import { VIEWS, PHASES } from '../../body/stance/patterns';
import { SIDE_MARKS, FRONTAL_MARKS } from './marks';

/** Longest side of a picture that is worked on, in pixels. */
const MOST_PIXELS = 4096;

const point = () =>
  J.array()
    .ordered(
      J.number()
        .min(-MOST_PIXELS)
        .max(2 * MOST_PIXELS)
        .required(),
      J.number()
        .min(-MOST_PIXELS)
        .max(2 * MOST_PIXELS)
        .required(),
    )
    .length(2);

const line = { from: point().required(), to: point().required() };

/** What was marked on a picture; the picture itself is another record, and only if it is kept. */
export const pictureSchema = objectOf<PictureRecord>({
  id: id(),
  clientId: id(),
  visitId: id(),
  role: oneOf(['first', 'again']).required(),
  view: oneOf(VIEWS).required(),
  phase: oneOf(PHASES).required(),
  width: J.number().integer().min(1).max(MOST_PIXELS).required(),
  height: J.number().integer().min(1).max(MOST_PIXELS).required(),
  marks: J.object(
    Object.fromEntries([...SIDE_MARKS, ...FRONTAL_MARKS].map((mark) => [mark, point()])),
  ).required(),
  plumb: J.object(line).allow(null).required(),
  scale: J.object({ ...line, cm: J.number().greater(0).max(400).required().label('length') })
    .allow(null)
    .required(),
  imageWrites: J.number().integer().min(0).max(10_000).required(),
  kept: J.boolean().required(),
  takenOn: instant().required(),
  removed: J.boolean().required(),
});
