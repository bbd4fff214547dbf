import { createFont, createTamagui, createTokens } from '@tamagui/core';
import { HEADING_FAMILY, TEXT_FAMILY } from './families';
import { BLUEPRINT, PAPER } from './palette';

const SIZES = { 1: 13, 2: 15, 3: 17, 4: 20, 5: 25, 6: 32, 7: 44, 8: 76, true: 17 } as const;
const LINES = { 1: 18, 2: 21, 3: 24, 4: 26, 5: 30, 6: 38, 7: 50, 8: 80, true: 24 } as const;

const font = (family: string) =>
  createFont({
    family,
    size: SIZES,
    lineHeight: LINES,
    weight: { 4: '400', 5: '500', 6: '600', 7: '700' },
    letterSpacing: { 4: 0 },
  });

const SPACE = { 0: 0, 1: 4, 2: 8, 3: 12, 4: 16, 5: 24, 6: 32, 7: 48, true: 16 } as const;

const tokens = createTokens({
  color: PAPER,
  space: SPACE,
  size: { ...SPACE, touch: 48 },
  radius: { 0: 0, 1: 6, 2: 12, round: 999, true: 12 },
  zIndex: { 0: 0, 1: 10, 2: 100, true: 0 },
});

/** Our own small configuration; the ready-made one brings colours that fail contrast. */
export const tamaguiConfig = createTamagui({
  tokens,
  fonts: { body: font(TEXT_FAMILY), heading: font(HEADING_FAMILY) },
  themes: { light: PAPER, dark: BLUEPRINT },
  media: { wide: { minWidth: 900 } },
  settings: { allowedStyleValues: 'somewhat-strict-web', disableSSR: true },
});

type Config = typeof tamaguiConfig;
declare module '@tamagui/core' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type
  interface TamaguiCustomConfig extends Config {}
}
