import { View, type ViewProps } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Header, type HeaderProps } from './Header';

export interface PageFrameProps extends Pick<HeaderProps, 'title' | 'note' | 'back'> {
  /** What the page does with the room it has; what is not said is a phone's page to its edges. */
  readonly page?: Omit<ViewProps, 'children'>;
  /** More to read than to press: keys come to the page itself, and scroll it. A form is no such page. */
  readonly forReading?: boolean;
  /** Stays under the page while it scrolls. */
  readonly foot?: ReactNode;
  readonly children: ReactNode;
}

/** A page that is read as one column of words and fields, not wider than a hand's breadth of text. */
export const WORDS_PAGE: ViewProps = { gap: '$6', maxWidth: 720, $wide: { padding: '$6' } };

/** Most screens: a header that stays, and a page under it that scrolls. */
export function PageFrame({ title, note, back, page, forReading, foot, children }: PageFrameProps) {
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={title} note={note} back={back} />
      <View
        render="main"
        flex={1}
        minHeight={0}
        tabIndex={forReading ? 0 : undefined}
        style={{ overflowY: 'auto' }}
      >
        <View padding="$4" {...page}>
          {children}
        </View>
      </View>
      {foot}
    </View>
  );
}
