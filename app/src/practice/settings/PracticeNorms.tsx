import { oneCheck, type CheckId } from '@taxikine/core/knowledge/checks';
import { normFor } from '@taxikine/core/knowledge/norms';
import { View } from '@tamagui/core';
import { useCoach } from '../../data/session';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { useSettings } from '../../data/useSettings';

/** What counts as usual here where it is not what the table says; set where a range is checked. */
export function PracticeNorms() {
  const t = useText();
  const { practice } = useCoach();
  const { save, busy, problem } = useSettings();
  const { name, idleMin, norms = {} } = practice;
  const ids = Object.keys(norms) as CheckId[];
  const back = (id: CheckId) => {
    const { [id]: _, ...others } = norms;
    save({ name, idleMin, norms: others });
  };
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('settings.norms')}</Title>
      <Words small soft>
        {t(ids.length === 0 ? 'settings.noNorms' : 'settings.normsHint')}
      </Words>
      {ids.map((id) => {
        const row = oneCheck(id);
        if (row.type !== 'range') return null;
        const { usual, unit } = normFor(row, norms);
        const sign = unit === 'deg' ? '°' : ` ${unit}`;
        return (
          <View key={id} gap="$1" borderTopWidth={1} borderColor="$rule" paddingTop="$2">
            <Words bold>{row.name}</Words>
            <Words>
              {t('check.usual', {
                from: `${usual[0] - usual[1]}${sign}`,
                to: `${usual[0] + usual[1]}${sign}`,
              })}
            </Words>
            <View flexDirection="row">
              <Button
                tight
                small
                off={busy}
                label={t('guide.normTable')}
                says={`${t('guide.normTable')}: ${row.name}`}
                onPress={() => back(id)}
              />
            </View>
          </View>
        );
      })}
      {problem ? (
        <Words accent role="alert">
          {problem}
        </Words>
      ) : null}
    </View>
  );
}
