/** The trace without the contract: what the app's web worker loads. */
export { nextChecks, type NextCheck, type NextChecks, type NextSession } from './next/nextChecks';
export type { CaseFile } from './caseFile';
export type { ApproachId } from '../knowledge/approaches';
