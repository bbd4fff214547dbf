import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { useText } from '../words/useText';

/** Bones of a whole screen; a screen reader is told that it is being read, once. */
export function BonesFrame({ children }: { children: ReactNode }) {
  const t = useText();
  return (
    <View
      render="main"
      flex={1}
      minHeight={0}
      height="100%"
      overflow="hidden"
      aria-busy
      aria-label={t('loading')}
    >
      {children}
    </View>
  );
}
