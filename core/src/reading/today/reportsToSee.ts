import { openReferrals } from '../../inference/safety/gate';
import type { ClientFile } from '../../records/clientFile';
import { openReports, REPORT_KINDS, type HomeReport } from '../../planning/home/homeReports';
import { entriesOf } from '../../planning/home/planAtHome';

/**
 * What a client reported from home and no coach has dealt with, the gravest first: of every plan there was,
 * for a word that was kept without a connection may come in when its plan has ended. An answer to a
 * stop-and-refer question is dealt with by a clearance and by nothing else.
 */
export function reportsToSee(file: ClientFile): HomeReport[] {
  const held = new Set(openReferrals(file, null).map(({ reportedIn }) => reportedIn));
  const all = file.homePlans.flatMap((plan) => openReports(entriesOf(file, plan), plan.answers));
  const refers = openReports(file.homeEntries, []).filter(({ kind }) => kind === 'refer');
  const grave = ({ kind }: HomeReport) => REPORT_KINDS.indexOf(kind);
  return [
    ...refers.filter(({ entry }) => held.has(entry.id)),
    ...all.filter(({ kind }) => kind !== 'refer'),
  ].sort((a, b) => grave(a) - grave(b) || b.entry.said.localeCompare(a.entry.said));
}
