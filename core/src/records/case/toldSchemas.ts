import { idsOf } from '../schemas/idsOf';
import type { StringSchema } from 'joi';
import { HISTORY_KINDS } from '../../knowledge/history';
import { GIVEN_CAUSES } from '../../knowledge/causes';
import { GIVEN_REGIONS } from '../../knowledge/givenRegions';
import { REGIONS } from '../../knowledge/regions';
import { isReplaceable, LEAST_ALLOWED_DEG, REPLACEABLE } from '../../knowledge/replaceable';
import type { GivenCause, HistoryItem } from './caseFile';
import { J, maybeSide, oneOf, side, objectOf } from '../schemas/joi';

type Problem = { readonly field: keyof HistoryItem; readonly words: string } | null;

/** What a replaced joint needs beside: a joint that is replaced, a side, and a bend that it has. */
function replacedProblem({ what, replaced, region, side: at, mostDeg }: HistoryItem): Problem {
  if (mostDeg !== undefined && !replaced)
    return { field: 'mostDeg', words: 'a surgeon’s limit belongs to a joint that was replaced' };
  if (!replaced) return null;
  if (what !== 'operation')
    return { field: 'replaced', words: 'a joint is replaced in an operation' };
  if (!isReplaceable(region))
    return { field: 'region', words: `replaced can be: ${Object.keys(REPLACEABLE).join(', ')}` };
  if (!at) return { field: 'side', words: 'a replaced joint has a side' };
  const most = REPLACEABLE[region].mostDeg;
  return mostDeg !== undefined && (mostDeg < LEAST_ALLOWED_DEG || mostDeg > most)
    ? {
        field: 'mostDeg',
        words: `${mostDeg}° is not what a ${region} bends: ${LEAST_ALLOWED_DEG} to ${most}°`,
      }
    : null;
}

/** Something that happened to a joint, or a habit; of a replaced joint what the surgeon allows. */
export const historySchema = (note: StringSchema) =>
  objectOf<HistoryItem>({
    what: oneOf(HISTORY_KINDS).required(),
    region: oneOf(REGIONS),
    side: maybeSide(),
    note,
    replaced: oneOf([true]),
    mostDeg: J.number().label('the surgeon’s limit'),
  })
    .custom((input: HistoryItem, helpers) => {
      const problem = replacedProblem(input);
      if (!problem) return input;
      const at = helpers.state.localize!([...(helpers.state.path ?? []), problem.field]);
      return helpers.error('told.impossible', { words: problem.words }, at);
    })
    .messages({ 'told.impossible': '{#words}' });

/** A joint that will not change; of a prosthesis also where the limb ends. */
export const givenSchema = objectOf<GivenCause>({
  cause: oneOf(idsOf(GIVEN_CAUSES)).required(),
  side: side().required(),
  region: oneOf(REGIONS),
})
  .custom((input: GivenCause, helpers) => {
    const places = GIVEN_REGIONS.prosthesis!;
    if (!input.region || (input.cause === 'prosthesis' && places.includes(input.region)))
      return input;
    const at = helpers.state.localize!([...(helpers.state.path ?? []), 'region']);
    const words = `where a limb ends, of a prosthesis: ${places.join(', ')}`;
    return helpers.error('told.impossible', { words }, at);
  })
  .messages({ 'told.impossible': '{#words}' });
