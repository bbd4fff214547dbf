import { climbedLadders } from '@taxikine/core/planning/ladder/climbedLadders';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { LadderDrawing } from './LadderDrawing';

/** Ladders that a client has begun to climb, and where each side stands. */
export function ClientLadders({ file }: { file: ClientFile }) {
  const t = useText();
  const climbed = useMemo(() => climbedLadders(file), [file]);
  if (climbed.length === 0) return null;
  return (
    <View gap="$3">
      <Title small aria-level={2}>
        {t('ladder.titles')}
      </Title>
      <View flexDirection="row" flexWrap="wrap" gap="$5">
        {climbed.map(({ ladder, standings }) => (
          <View
            key={ladder.drill}
            flexDirection="row"
            gap="$3"
            alignItems="center"
            width="100%"
            maxWidth={460}
          >
            <LadderDrawing ladder={ladder} on={standings} />
            <View flex={1} minWidth={0} gap="$1">
              <Words bold>{ladder.name}</Words>
              {standings.map(({ side, place, rung, tries, waits }) => (
                <Words key={side ?? 'body'} small>
                  {side ? `${t(side)}: ` : ''}
                  {t('ladder.now', {
                    place: place + 1,
                    of: ladder.rungs.length,
                    name: rung.name,
                  })}
                  {waits && side ? ` · ${t('ladder.waits', { side: t(side) })}` : ''}
                  {` · ${t('ladder.tried', { count: tries.length })}`}
                </Words>
              ))}
            </View>
          </View>
        ))}
      </View>
    </View>
  );
}
