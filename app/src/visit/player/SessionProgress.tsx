import { doseMinutes } from '@taxikine/core/knowledge/doseSeconds';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { View } from '@tamagui/core';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface SessionProgressProps {
  readonly session: readonly DrillRecord[];
  /** Id of the drill that is played. */
  readonly current: string;
}

/** How far the session is: a mark for every drill, as long as the drill is. */
export function SessionProgress({ session, current }: SessionProgressProps) {
  const t = useText();
  const at = session.findIndex(({ id }) => id === current);
  const left = session
    .filter(({ status }) => status === 'planned')
    .reduce((sum, { dose }) => sum + doseMinutes(dose), 0);
  return (
    <View gap="$1">
      <View flexDirection="row" gap={3} aria-hidden>
        {session.map(({ id, dose, status }, i) => (
          <View
            key={id}
            flex={doseMinutes(dose)}
            height={i === at ? 7 : 4}
            alignSelf="flex-end"
            backgroundColor={status === 'done' ? '$ink' : i === at ? '$accent' : '$rule'}
          />
        ))}
      </View>
      <Words small soft>
        {t('player.progress', {
          at: at + 1,
          of: session.length,
          minutes: Math.max(1, Math.round(left)),
        })}
      </Words>
    </View>
  );
}
