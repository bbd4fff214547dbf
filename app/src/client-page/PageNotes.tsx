import { View } from '@tamagui/core';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import type { PageState } from './usePage';
import { useTimeZone } from './useTimeZone';

type Open = Extract<PageState, { status: 'open' }>;

/** What the client should know of the sending and of the plan. */
export function PageNotes({
  unsent,
  offline,
  planChanged,
  refused,
  zone,
}: Pick<Open, 'unsent' | 'offline' | 'planChanged' | 'refused'> & { zone: string }) {
  const t = useText();
  const here = useTimeZone();
  return (
    <View gap="$1" role="status">
      {unsent > 0 ? <Words bold>{t('page.unsent', { count: unsent })}</Words> : null}
      {offline ? <Words soft>{t('page.offline')}</Words> : null}
      {refused ? (
        <Words bold accent>
          {t('page.refused', { words: refused })}
        </Words>
      ) : null}
      {planChanged ? <Words>{t('page.planChanged')}</Words> : null}
      {here && here !== zone ? (
        <Words small soft>
          {t('page.zone', { zone, here })}
        </Words>
      ) : null}
    </View>
  );
}
