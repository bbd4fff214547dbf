import { CHECKS } from '../../knowledge/checks';
import { J, objectOf } from '../schemas/joi';
import type { NormEdit } from '../../knowledge/norms';

const RANGE_CHECKS = CHECKS.filter((row) => row.type === 'range');

const meanAndSd = (what: string) =>
  J.array()
    .ordered(
      J.number().min(-60).max(300).required().label(`mean of ${what}`),
      J.number().greater(0).max(100).required().label(`spread of ${what}`),
    )
    .required();

/** The two means of a norm may not be the same: nothing could be told from them. */
const norm = objectOf<NormEdit>({
  usual: meanAndSd('usual'),
  restricted: meanAndSd('restricted'),
  sem: J.number().greater(0).max(60).required().label('measuring error'),
}).custom((input: NormEdit, helpers) =>
  input.usual[0] === input.restricted[0]
    ? helpers.message({ custom: 'usual and restricted must differ' })
    : input,
);

/** Norms by check, for checks that have one. */
export const normsSchema = J.object(Object.fromEntries(RANGE_CHECKS.map(({ id }) => [id, norm])));
