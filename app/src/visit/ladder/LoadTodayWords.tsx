import type { LoadToday } from '@taxikine/core/planning/ladder/loadToday';
import { capital } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** Do we load it today? Yes, or the criterion that fails. */
export function LoadTodayWords({ load }: { load: LoadToday }) {
  const t = useText();
  return (
    <View gap="$1" role="status">
      <Title small aria-level={3}>
        {t('ladder.loadTitle')}
      </Title>
      {load.status === 'yes' ? (
        <Words>{t(load.more ? 'ladder.loadYes' : 'ladder.loadSame')}</Words>
      ) : (
        <>
          <Words bold>{t('ladder.loadNo')}</Words>
          {load.fails.map(({ criterion, says }) => (
            <Words key={`${criterion} ${says}`} small>
              <Words bold small>
                {t(`ladder.fails.${criterion}`)}:{' '}
              </Words>
              {capital(says)}
            </Words>
          ))}
        </>
      )}
    </View>
  );
}
