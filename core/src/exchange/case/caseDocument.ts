import type { ApproachId } from '../../knowledge/approaches';
import type { Kit } from '../../knowledge/kit';
import type { CaseFile, CheckFinding } from '../../records/case/caseFile';

export const CASE_FORMAT = 'taxikine-case';
export const CASE_VERSION = 1;

/** A check as a case file holds it: also in centimetres to the wall. */
export type CaseCheck = Omit<CheckFinding, 'unit'> & { unit?: 'deg' | 's' | 'reps' | 'cm' };

/** What a session has room for. */
interface CaseSession {
  minutes: number;
  kit: Kit[];
  /** What follows it. */
  next: 'training' | 'rest';
}

/**
 * Taxikine's open exchange format, version 1, as it is written: everything a trace needs, by ids.
 * Fields that this version does not know are kept.
 */
export interface CaseDocument extends Omit<CaseFile, 'checks' | 'look' | 'notYet'> {
  format: typeof CASE_FORMAT;
  version: typeof CASE_VERSION;
  approach: ApproachId;
  look: CaseFile['look'] & { rating?: 'easy' | 'medium' | 'hard' | null };
  checks: CaseCheck[];
  session: CaseSession;
}
