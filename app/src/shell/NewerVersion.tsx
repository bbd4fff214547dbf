import { View } from '@tamagui/core';
import { usePathname } from 'expo-router';
import { useState } from 'react';
import { useStore } from '../device/store';
import { newerVersion } from '../parts/newerVersion';
import { Button } from '../ui/Button';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

/** Nothing asks for attention in the middle of a visit. */
const isVisit = (path: string): boolean => path.includes('/visits/');

/** A newer version waits: told once, taken when the coach wants it. */
export function NewerVersion() {
  const t = useText();
  const newer = useStore(newerVersion);
  const [later, setLater] = useState(false);
  const path = usePathname();
  if (!newer || later || isVisit(path)) return null;
  return (
    <View
      role="status"
      flexDirection="row"
      flexWrap="wrap"
      alignItems="center"
      gap="$2"
      paddingHorizontal="$4"
      paddingVertical="$2"
      borderTopWidth={1.5}
      borderColor="$ink"
      backgroundColor="$raised"
    >
      <Words small flex={1} minWidth={200}>
        {t('part.newer')}
      </Words>
      <Button small kind="quiet" label={t('part.later')} onPress={() => setLater(true)} />
      <Button small kind="main" label={t('part.reload')} onPress={newer.take} />
    </View>
  );
}
