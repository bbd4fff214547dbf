import { CAUSES, oneCause, type CauseRow } from '../../knowledge/causes';
import { HISTORY_EFFECTS, type HistoryRow } from '../../knowledge/history';
import { oddsOf, probabilityOfOdds } from '../../foundation/numeric/odds';
import { otherSide, SIDES, type MaybeSide } from '../../foundation/sides/side';
import type { CaseFile, HistoryItem } from '../../records/case/caseFile';
import { type CauseNode } from './inference/network';
import { causeKey } from '../../knowledge/keys';

const speaksOf = (row: HistoryRow, item: HistoryItem): boolean =>
  row.what === item.what &&
  (row.regions === null || (item.region !== undefined && row.regions.includes(item.region)));

function onSide(row: HistoryRow, item: HistoryItem, side: MaybeSide): boolean {
  if (!item.side || side === null) return true;
  return side === (row.side === 'same' ? item.side : otherSide(item.side));
}

function priorOf(row: CauseRow, side: MaybeSide, client: CaseFile['client']): number {
  let odds = oddsOf(row.prior);
  for (const item of client.history)
    for (const effect of HISTORY_EFFECTS)
      if (effect.cause === row.id && speaksOf(effect, item) && onSide(effect, item, side))
        odds *= effect.odds;
  return probabilityOfOdds(odds);
}

/** What a given joint makes impossible: a fused ankle is not also an ankle that could be freed. */
const ruledOut = ({ given }: CaseFile['client']): Set<string> =>
  new Set(
    given.flatMap(({ cause, side }) =>
      (oneCause(cause).rulesOut ?? []).map((other) => causeKey(other, side)),
    ),
  );

/** A node for every cause and side, with history in its prior; what is given is certain. */
export function buildNodes(client: CaseFile['client']): CauseNode[] {
  const given = new Set(client.given.map((item) => causeKey(item.cause, item.side)));
  const out = ruledOut(client);
  return (CAUSES as readonly CauseRow[])
    .flatMap((row) => {
      const sides: readonly MaybeSide[] = row.sided ? SIDES : [null];
      return sides.map((side) => {
        const key = causeKey(row.id, side);
        return {
          key,
          cause: row.id as CauseNode['cause'],
          side,
          prior: given.has(key) ? 1 : priorOf(row, side, client),
        };
      });
    })
    .filter((node) => node.prior > 0 && !out.has(node.key));
}
