import { DISAGREEMENTS, type DisagreementRow } from '../../knowledge/disagreements';
import type { CaseFile } from '../../records/case/caseFile';
import { LIKELY_ENOUGH } from './likelyEnough';
import type { Trace } from './trace';

/** Whether a disagreement bears on anything in this case. */
const bears = ({ bearsOn }: DisagreementRow, { look, client }: CaseFile, { causes }: Trace) =>
  causes.some(({ p, cause }) => p >= LIKELY_ENOUGH && bearsOn.causes?.includes(cause)) ||
  look.faults.some(({ fault }) => bearsOn.faults?.includes(fault)) ||
  client.history.some(({ what }) => bearsOn.history?.includes(what));

/** The disagreements of schools that matter for this client, as things stand. */
export const disagreementsFor = (
  file: CaseFile,
  found: Trace,
  next: 'training' | 'rest',
): DisagreementRow[] =>
  (DISAGREEMENTS as readonly DisagreementRow[]).filter(
    (row) => (!row.beforeTraining || next === 'training') && bears(row, file, found),
  );
