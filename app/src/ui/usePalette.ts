import { useThemeName } from '@tamagui/core';
import { BLUEPRINT, PAPER, type Palette } from './palette';

/** Plain colour values of the theme in force, for SVG. */
export const usePalette = (): Palette => (useThemeName().startsWith('dark') ? BLUEPRINT : PAPER);
