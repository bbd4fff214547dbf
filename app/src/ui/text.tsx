import { styled, Text } from '@tamagui/core';

/** Running text. */
export const Words = styled(Text, {
  name: 'Words',
  fontFamily: '$body',
  fontSize: '$3',
  lineHeight: '$3',
  fontWeight: '400',
  color: '$ink',
  variants: {
    soft: { true: { color: '$soft' } },
    small: { true: { fontSize: '$2', lineHeight: '$2' } },
    tiny: { true: { fontSize: '$1', lineHeight: '$1' } },
    bold: { true: { fontWeight: '700' } },
    accent: { true: { color: '$accent' } },
  } as const,
});

/** Headings and figures, in the family with character. */
export const Title = styled(Text, {
  name: 'Title',
  fontFamily: '$heading',
  fontSize: '$5',
  lineHeight: '$5',
  fontWeight: '600',
  color: '$ink',
  role: 'heading',
  variants: {
    big: { true: { fontSize: '$6', lineHeight: '$6' } },
    small: { true: { fontSize: '$4', lineHeight: '$4' } },
  } as const,
});

/** A number that matters, with figures of one width. */
export const Numeral = styled(Text, {
  name: 'Numeral',
  fontFamily: '$heading',
  fontWeight: '500',
  fontSize: '$5',
  lineHeight: '$5',
  color: '$ink',
  style: { fontVariantNumeric: 'tabular-nums' },
});
