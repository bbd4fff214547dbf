import { styled, Text, View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { useLongPress } from './useLongPress';

const Frame = styled(View, {
  name: 'ButtonFrame',
  render: 'button',
  flexDirection: 'row',
  alignItems: 'center',
  justifyContent: 'center',
  gap: '$2',
  minHeight: 48,
  minWidth: 48,
  // A long label wraps inside a narrow row instead of sticking out of it.
  maxWidth: '100%',
  paddingHorizontal: '$4',
  paddingVertical: '$2',
  borderRadius: '$2',
  borderWidth: 1.5,
  borderColor: '$ink',
  backgroundColor: 'transparent',
  cursor: 'pointer',
  hoverStyle: { backgroundColor: '$skin' },
  pressStyle: { opacity: 0.8 },
  focusVisibleStyle: {
    outlineColor: '$accent',
    outlineWidth: 3,
    outlineStyle: 'solid',
    outlineOffset: 2,
  },
  variants: {
    kind: {
      main: { backgroundColor: '$ink', hoverStyle: { backgroundColor: '$ink', opacity: 0.92 } },
      plain: {},
      quiet: { borderColor: 'transparent' },
    },
    chosen: { true: { backgroundColor: '$ink', hoverStyle: { backgroundColor: '$ink' } } },
    off: { true: { opacity: 0.45, cursor: 'not-allowed' } },
    stretch: { true: { alignSelf: 'stretch' } },
    tight: { true: { paddingHorizontal: '$2' } },
    fromLeft: { true: { justifyContent: 'flex-start' } },
  } as const,
});

const Label = styled(Text, {
  name: 'ButtonLabel',
  fontFamily: '$body',
  fontSize: '$3',
  lineHeight: '$3',
  fontWeight: '700',
  color: '$ink',
  textAlign: 'center',
  variants: {
    inverse: { true: { color: '$onInk' } },
    quiet: { true: { color: '$sea' } },
    small: { true: { fontSize: '$2', lineHeight: '$2' } },
  } as const,
});

export interface ButtonProps {
  readonly label: string;
  /** Second, smaller line. */
  readonly note?: string;
  readonly kind?: 'main' | 'plain' | 'quiet';
  /** For a button that can be on or off. */
  readonly chosen?: boolean;
  readonly off?: boolean;
  readonly stretch?: boolean;
  readonly flex?: number;
  readonly tight?: boolean;
  readonly small?: boolean;
  /** Opens and closes something: whether it is open. */
  readonly expanded?: boolean;
  readonly left?: boolean;
  /** What a screen reader says, when the label alone would not do. */
  readonly says?: string;
  readonly icon?: ReactNode;
  /** Sends the form that it is in, and is pressed by Enter in its fields; the form says what that does. */
  readonly submits?: boolean;
  readonly onPress?: () => void;
  readonly onLongPress?: () => void;
}

const NOTHING = () => undefined;

/** Every button of the app: at least 48 px, a real button, one look. */
export function Button({
  label,
  note,
  kind = 'plain',
  chosen,
  off,
  stretch,
  flex,
  tight,
  small,
  expanded,
  left,
  says,
  icon,
  submits,
  onPress = NOTHING,
  onLongPress,
}: ButtonProps) {
  const inverse = kind === 'main' || chosen;
  const name = (
    <Label
      inverse={inverse}
      quiet={kind === 'quiet' && !chosen}
      small={small}
      textAlign={left ? 'left' : 'center'}
      flexShrink={1}
    >
      {label}
    </Label>
  );
  const press = useLongPress(onPress, onLongPress);
  // One that is no more than a button does not send the form it happens to be in.
  const type = { type: submits && !off ? 'submit' : 'button' } as object;
  return (
    <Frame
      {...type}
      kind={kind}
      chosen={chosen}
      off={off}
      stretch={stretch}
      tight={tight}
      fromLeft={left}
      flex={flex}
      aria-label={says}
      aria-pressed={chosen}
      aria-expanded={expanded}
      aria-disabled={off || undefined}
      onPress={off || submits ? undefined : press.onPress}
      {...press.handlers}
    >
      {icon}
      {note ? (
        <View alignItems={left ? 'flex-start' : 'center'} flexShrink={1}>
          {name}
          <Label
            inverse={inverse}
            textAlign={left ? 'left' : 'center'}
            color={kind === 'quiet' && !chosen ? '$soft' : undefined}
            fontWeight="400"
            fontSize="$1"
            lineHeight="$1"
          >
            {note}
          </Label>
        </View>
      ) : (
        name
      )}
    </Frame>
  );
}
