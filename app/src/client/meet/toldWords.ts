import { oneCause } from '@taxikine/core/knowledge/causes';
import type { GivenCause, HistoryItem } from '@taxikine/core/records/case/caseFile';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import type { TextOf } from '../../words/useText';

/** "right ankle sprain"; a habit in its own words. */
export function historyWords(item: HistoryItem, t: TextOf): string {
  if (item.replaced) return replacedWords(item, t);
  const what = item.note ?? t(`client.historyWords.${item.what}`);
  const where = item.region ? t(`regions.${item.region}`) : '';
  const side = item.side ? t(item.side) : '';
  return item.note
    ? [what, side].filter(Boolean).join(', ')
    : [side, where, what].filter(Boolean).join(' ');
}

/** "left hip replaced, bends to 90° at most". */
function replacedWords({ region, side, mostDeg }: HistoryItem, t: TextOf): string {
  const joint = [side ? t(side) : '', region ? t(`regions.${region}`) : ''].join(' ').trim();
  return mostDeg === undefined
    ? t('meet.replacedWords', { joint })
    : t('meet.replacedTo', { joint, deg: mostDeg });
}

export function givenWords({ cause, side, region }: GivenCause, t: TextOf): string {
  const words = fillSide(oneCause(cause).sentence, side);
  return region ? t('meet.limbEnds', { words, region: t(`regions.${region}`) }) : words;
}
