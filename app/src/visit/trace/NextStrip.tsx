import type { NextCheck } from '@taxikine/core/planning/asking/nextChecks';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { nextName } from './nextWords';
import { ours } from '../../words/units';

export interface NextStripProps {
  readonly next: NextCheck | undefined;
  /** Nothing would change what is worked on. */
  readonly enough: boolean;
  /** What the button says. */
  readonly action: string;
  readonly onTake: (next: NextCheck) => void;
}

/** What says most now, and why; or that enough is known. */
export function NextStrip({ next, enough, action, onTake }: NextStripProps) {
  const t = useText();
  if (!next && !enough) return null;
  return (
    <View
      borderLeftWidth={4}
      borderColor="$accent"
      paddingLeft="$3"
      paddingVertical="$1"
      gap="$1"
      role="group"
      aria-label={t(next?.spares ? 'guide.spares' : 'guide.most')}
    >
      {next ? (
        <View flexDirection="row" alignItems="center" gap="$3">
          <View flex={1}>
            <Words tiny soft>
              {t(next.spares ? 'guide.spares' : 'guide.most')}
            </Words>
            <Title small aria-level={3}>
              {nextName(next, t)}
            </Title>
            <Words small soft>
              {ours(next.why)}
            </Words>
          </View>
          <Button
            label={action}
            says={`${action}: ${nextName(next, t)}`}
            tight
            onPress={() => onTake(next)}
          />
        </View>
      ) : null}
      {enough ? <Words small>{t('guide.enough')}</Words> : null}
    </View>
  );
}
