import { CRITERIA } from '../../knowledge/ladders/criteria';
import { J, oneOf } from './joi';

/** A rung as it is tried. */
export const rungSchema = J.object({
  rung: J.string().max(40).required(),
  kg: J.number().min(0).max(200).allow(null).required(),
  met: J.array()
    .items(oneOf(CRITERIA.map((row) => row.id)))
    .unique()
    .allow(null)
    .required(),
});
