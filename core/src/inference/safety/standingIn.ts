import type { CaseFile } from '../../records/case/caseFile';
import { standingOf, type Standing } from './standing';

/** What stands about the client of a case: what was told, and what clinicians have not allowed yet. */
export const standingIn = ({
  client,
  notYet = [],
}: Pick<CaseFile, 'client' | 'notYet'>): Standing => ({
  ...standingOf(client),
  notYet,
});
