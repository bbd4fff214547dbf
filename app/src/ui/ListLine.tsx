import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Words } from './text';

export interface ListLineProps {
  readonly title: string;
  /** Second, smaller line. */
  readonly note: string;
  /** Of the past: still told, and stepped back. */
  readonly faint?: boolean;
  /** What can be done with it; nothing, when there is nothing. */
  readonly children?: ReactNode;
}

/** One of a list: what it is, and beside it what can be done with it. */
export function ListLine({ title, note, faint, children }: ListLineProps) {
  return (
    <View
      flexDirection="row"
      alignItems="center"
      gap="$3"
      borderTopWidth={1}
      borderColor="$rule"
      paddingTop="$3"
      opacity={faint ? 0.7 : 1}
    >
      <View flex={1} minWidth={0}>
        <Words>{title}</Words>
        <Words small soft>
          {note}
        </Words>
      </View>
      {children}
    </View>
  );
}
