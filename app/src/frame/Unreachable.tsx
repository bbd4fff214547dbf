import { View } from '@tamagui/core';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';

/** What happened, what is safe, what to do. */
export function Unreachable({ onRetry }: { onRetry: () => void }) {
  const t = useText();
  return (
    <View render="main" padding="$5" gap="$3" maxWidth={560}>
      <Title aria-level={1}>{t('noAnswer')}</Title>
      <Words>{t('noAnswerHint')}</Words>
      <Button label={t('tryAgain')} onPress={onRetry} />
    </View>
  );
}
