import type { CheckRow, RangeNorm } from '../../knowledge/checks';
import type { FindingId } from '../../knowledge/links';
import type { MaybeSide } from '../../foundation/sides/side';
import { connect, type Observation } from '../../inference/trace/connect';
import type { CauseNode, Finding } from '../../inference/trace/inference/network';

/** What a check or probe would find out, as findings that are there or not. */
export interface Asked {
  /** Read as a range, and so never quite sure; null when it is there or not. */
  readonly norm: RangeNorm | null;
  readonly findings: readonly Finding[];
}

/** A finding as it would be if it were there; null when it says nothing of any cause. */
export function maybeFinding(
  finding: FindingId,
  side: MaybeSide,
  nodes: readonly CauseNode[],
  about?: Observation['about'],
): Finding | null {
  const found = connect({ finding, side, about, ratio: Infinity, words: '' }, nodes);
  return found.arrows.length > 0 ? found : null;
}

/** The table of checks is what the ids of findings are made of. */
const idOf = (kind: string, check: string, how?: string): FindingId =>
  [kind, check, ...(how ? [how] : [])].join(':') as FindingId;

function mainFindings(row: CheckRow): FindingId[] {
  if (row.type === 'range') return [idOf('range', row.id)];
  return row.named
    ? row.results.slice(1).map((result) => idOf('result', row.id, result))
    : [idOf('result', row.id)];
}

function furtherFindings(row: CheckRow): FindingId[] {
  const braced = row.type === 'range' ? row.modes.includes('braced') : row.braced;
  return [
    ...(braced ? [idOf('brace-frees', row.id)] : []),
    ...(row.asksPinch ? [idOf('pinch', row.id)] : []),
    ...row.felt.map((where) => idOf('felt', row.id, where)),
  ];
}

/** What one check on one side would find out; null when it says nothing of any cause there is. */
export function maybeAskedByCheck(
  row: CheckRow,
  side: MaybeSide,
  nodes: readonly CauseNode[],
): Asked | null {
  const told = (ids: FindingId[]) =>
    ids.map((id) => maybeFinding(id, side, nodes)).filter((one) => one !== null);
  const main = told(mainFindings(row));
  const further = told(furtherFindings(row));
  if (main.length + further.length === 0) return null;
  const norm = row.type === 'range' && main.length > 0 ? row.norm : null;
  return { norm, findings: [...main, ...further] };
}
