import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Title } from '../../ui/text';

/** A page that opens by a link and without a session: one column, in the middle. */
export function LinkPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <View
      render="main"
      padding="$5"
      gap="$4"
      width="100%"
      maxWidth={460}
      alignSelf="center"
      marginVertical="auto"
    >
      <Title big aria-level={1}>
        {title}
      </Title>
      {children}
    </View>
  );
}
