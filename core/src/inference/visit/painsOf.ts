import type { Pain } from '../../records/caseFile';
import type { LookRecord } from '../../records/records';

/** What was told to hurt in the looks of a visit. */
export const painsOf = (looks: readonly (Pick<LookRecord, 'pain'> | null)[]): readonly Pain[] =>
  looks.flatMap((look) => look?.pain ?? []);
