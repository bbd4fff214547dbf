import type { Pain } from '../../records/case/caseFile';
import type { LookRecord } from '../../records/looks/lookRecord';

/** What was told to hurt in the looks of a visit. */
export const painsOf = (looks: readonly (Pick<LookRecord, 'pain'> | null)[]): readonly Pain[] =>
  looks.flatMap((look) => look?.pain ?? []);
