import { TamaguiProvider } from '@tamagui/core';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { tamaguiConfig } from '../src/ui/tamagui.config';
import '../src/words/coachWords';

/** Renders with theme and words, as every screen is. */
export const show = (children: ReactNode) =>
  render(
    <TamaguiProvider config={tamaguiConfig} defaultTheme="light" disableInjectCSS>
      {children}
    </TamaguiProvider>,
  );
