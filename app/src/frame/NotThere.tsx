import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';

/** A record or address that is not there, or not ours. */
export function NotThere() {
  const t = useText();
  return (
    <View render="main" padding="$5" gap="$3" maxWidth={560}>
      <Title aria-level={1}>{t('notThere')}</Title>
      <Words soft>{t('notThereHint')}</Words>
      <Button label={t('goHome')} onPress={() => router.replace('/')} />
    </View>
  );
}
