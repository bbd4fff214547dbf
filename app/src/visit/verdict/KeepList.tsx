import { drillOf } from '@taxikine/core/records/drills/drillOf';
import { keepAdvice } from '@taxikine/core/reading/visit/keepAdvice';
import { KEEPS } from '@taxikine/core/records/drills/drillRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { useUpdate } from '../../data/useFile';
import { Choice } from '../../ui/Choice';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** Every drill that was done: what the second look says of it, and what the coach makes of that. */
export function KeepList({ visit }: { visit: VisitFile }) {
  const t = useText();
  const update = useUpdate();
  const advice = useMemo(() => keepAdvice(visit), [visit]);
  if (advice.length === 0) return null;
  return (
    <View gap="$3">
      <Title small aria-level={3}>
        {t('verdict.keep')}
      </Title>
      {advice.map(({ drill: id, says, why }) => {
        const drill = visit.drills.find((one) => one.id === id)!;
        const { name } = drillOf(drill);
        const what = says ? t(`verdict.advice.${says}`) : t('verdict.adviceNone');
        return (
          <View key={id} gap="$1" borderTopWidth={1} borderColor="$rule" paddingTop="$2">
            <Words bold>{drill.side ? `${name}, ${t(drill.side)}` : name}</Words>
            <Words small soft>
              {t('verdict.because', { what, why })}
            </Words>
            <Choice
              hideLabel
              label={name}
              options={KEEPS.map((value) => ({ value, label: t(`verdict.keeps.${value}`) }))}
              value={drill.keep ?? undefined}
              onChange={(keep) =>
                update('drills', drill, (latest) => ({
                  ...latest,
                  keep: latest.keep === keep ? null : keep,
                }))
              }
            />
          </View>
        );
      })}
    </View>
  );
}
