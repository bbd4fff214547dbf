import type { MessageRecord } from '@taxikine/core/records/messages/messageRecord';
import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { letterWords } from './letterWords';

export interface LetterLineProps {
  readonly letter: MessageRecord;
  readonly title: string;
  /** What can be done about it, at the end of the line. */
  readonly children?: ReactNode;
}

/** One letter: what it is about, and whether it went out. */
export function LetterLine({ letter, title, children }: LetterLineProps) {
  const t = useText();
  const failed = letter.delivery?.state === 'failed';
  return (
    <View
      role="listitem"
      flexDirection="row"
      alignItems="center"
      gap="$2"
      borderTopWidth={1}
      borderColor="$rule"
      paddingVertical="$2"
    >
      <View flex={1} minWidth={0} gap="$1">
        <Words bold>{title}</Words>
        <Words small soft={!failed} accent={failed} style={{ overflowWrap: 'anywhere' }}>
          {letterWords(letter, t)}
        </Words>
      </View>
      {children}
    </View>
  );
}
