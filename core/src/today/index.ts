// The coach's day: what each client's line says, and who comes first
export {
  clientSummary,
  SUMMARY_READS,
  SUMMARY_SHAPE,
  type ClientSummary,
  type Due,
  type HangingKind,
} from './clientSummary';
export { clientLine, type ClientLine, type LooseEnd, type LooseEndKind } from './clientLine';
export { maybeLeadingReport, QUIET_RANK, rankOf } from './rankOf';
export { reportsToSee } from './reportsToSee';
