import { painRule } from '../../inference/safety/painRule';
import type { HomeEntry } from '../../records/homeEntries/homeEntry';
import type { HomeAnswer } from '../../records/homePlans/homePlan';

/** What a report from home asks for, the gravest first. */
export const REPORT_KINDS = ['refer', 'stop', 'halve', 'easier'] as const;
export type ReportKind = (typeof REPORT_KINDS)[number];

/** Something a client said that the rules act on, and that waits for the coach's word. */
export interface HomeReport {
  readonly kind: ReportKind;
  readonly entry: HomeEntry;
}

/** What the rules make of one entry; null when there is nothing to act on. */
function maybeReport(entry: HomeEntry): HomeReport | null {
  if (entry.kind === 'safety') return entry.positives.length > 0 ? { kind: 'refer', entry } : null;
  if (entry.kind === 'morning') return entry.worse ? { kind: 'halve', entry } : null;
  const rule = painRule(entry.pain ?? 0, entry.sharp ? 'sharp' : undefined);
  // A pain that nobody put a number on and that is sharp stops as well.
  if (rule === 'stop' || entry.sharp) return { kind: 'stop', entry };
  if (rule === 'easier' || entry.why === 'hurt') return { kind: 'easier', entry };
  return null;
}

/** All that the rules act on, oldest first. */
export const reportsOf = (entries: readonly HomeEntry[]): HomeReport[] =>
  [...entries]
    .sort((a, b) => a.said.localeCompare(b.said) || a.id.localeCompare(b.id))
    .flatMap((entry) => maybeReport(entry) ?? []);

/** Reports that no coach has answered, the gravest and among those the newest first. */
export function openReports(
  entries: readonly HomeEntry[],
  answers: readonly HomeAnswer[],
): HomeReport[] {
  const answered = new Set(answers.map(({ entry }) => entry));
  const grave = ({ kind }: HomeReport) => REPORT_KINDS.indexOf(kind);
  return reportsOf(entries)
    .filter(({ entry }) => !answered.has(entry.id))
    .reverse()
    .sort((a, b) => grave(a) - grave(b));
}
