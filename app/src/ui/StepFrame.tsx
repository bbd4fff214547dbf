import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Title, Words } from './text';

export interface StepFrameProps {
  readonly title: string;
  readonly lead?: string;
  readonly children: ReactNode;
  /** Stays at the bottom of the screen, under the thumb. */
  readonly foot?: ReactNode;
  /** Takes the whole width of a desk. */
  readonly roomy?: boolean;
}

/** Heading, content that scrolls, and the way on under the thumb. */
export function StepFrame({ title, lead, children, foot, roomy }: StepFrameProps) {
  return (
    <View flex={1} minHeight={0}>
      <View flex={1} minHeight={0} style={{ overflowY: 'auto' }} tabIndex={0}>
        <View
          padding="$4"
          paddingLeft="$2"
          gap="$4"
          $wide={{ padding: '$5', maxWidth: roomy ? 1260 : 860 }}
        >
          <View gap="$1">
            <Title aria-level={2}>{title}</Title>
            {lead ? (
              <Words small soft>
                {lead}
              </Words>
            ) : null}
          </View>
          {children}
        </View>
      </View>
      {foot ? (
        <View
          padding="$3"
          paddingLeft="$2"
          gap="$2"
          flexDirection="row"
          borderTopWidth={1.5}
          borderColor="$ink"
          backgroundColor="$raised"
          $wide={{ paddingHorizontal: '$5' }}
        >
          {foot}
        </View>
      ) : null}
    </View>
  );
}
