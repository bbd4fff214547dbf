import { TamaguiProvider, Theme, View } from '@tamagui/core';
import { QueryClientProvider } from '@tanstack/react-query';
import { Slot, usePathname } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { createQueryClient } from '../data/queryClient';
import { useOwnFonts } from '../ui/fonts';
import { tamaguiConfig } from '../ui/tamagui.config';
import { useScheme } from '../ui/useScheme';
import '../words/i18n';
import { SignedInOnly } from './SignedInOnly';

/** What stands round every screen: fonts, theme, data, and the door. */
export function Root() {
  const [queryClient] = useState(createQueryClient);
  const fontsReady = useOwnFonts();
  const scheme = useScheme();
  if (!fontsReady) return null;
  return (
    <TamaguiProvider config={tamaguiConfig} defaultTheme={scheme}>
      <Theme name={scheme}>
        <QueryClientProvider client={queryClient}>
          <View flex={1} backgroundColor="$paper" minHeight="100%" height="100dvh">
            <Door>
              <Slot />
            </Door>
          </View>
        </QueryClientProvider>
      </Theme>
    </TamaguiProvider>
  );
}

/** A client's own page, opened by a link and without an account. */
const CLIENTS_PAGE = '/home';

/** Everything is behind the coach's sign-in but the client's page, which has a door of its own. */
function Door({ children }: { children: ReactNode }) {
  return usePathname() === CLIENTS_PAGE ? children : <SignedInOnly>{children}</SignedInOnly>;
}
