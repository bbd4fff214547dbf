import { oneCause } from '@taxikine/core/knowledge/causes';
import type { GivenCause, HistoryItem } from '@taxikine/core/trace/caseFile';
import { fillSide } from '@taxikine/core/words/fill';
import type { TextOf } from '../words/useText';

/** "right ankle sprain"; a habit in its own words. */
export function historyWords(item: HistoryItem, t: TextOf): string {
  const what = item.note ?? t(`client.historyWords.${item.what}`);
  const where = item.region ? t(`regions.${item.region}`) : '';
  const side = item.side ? t(item.side) : '';
  return item.note
    ? [what, side].filter(Boolean).join(', ')
    : [side, where, what].filter(Boolean).join(' ');
}

export const givenWords = ({ cause, side }: GivenCause): string =>
  fillSide(oneCause(cause).sentence, side);
