import type { RungTry } from './rungTry';
import { CRITERIA } from '../../knowledge/ladders/criteria';
import { J, oneOf, objectOf } from '../schemas/joi';

/** A rung as it is tried. */
export const rungSchema = objectOf<RungTry>({
  rung: J.string().max(40).required(),
  kg: J.number().min(0).max(200).allow(null).required(),
  met: J.array()
    .items(oneOf(CRITERIA.map((row) => row.id)))
    .unique()
    .allow(null)
    .required(),
});
