import { TamaguiProvider, Theme, View } from '@tamagui/core';
import { Slot, usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { RootGuard } from '../parts/RootGuard';
import { serveParts } from '../parts/serveParts';
import { layOutBones } from '../bones/layOutBones';
import { layOutFonts } from '../ui/fonts';
import { tamaguiConfig } from '../ui/tamagui.config';
import { useScheme } from '../ui/useScheme';
import '../words/i18n';
import { CoachDoor } from './lazyScreens';

// Before any screen asks for itself.
serveParts();
layOutFonts();
layOutBones();

/** What stands round every screen: the last guard, the theme, and the door. All else is fetched as it is opened. */
export function Root() {
  const scheme = useScheme();
  return (
    <RootGuard>
      <TamaguiProvider config={tamaguiConfig} defaultTheme={scheme}>
        <Theme name={scheme}>
          <View flex={1} backgroundColor="$paper" minHeight="100%" height="100dvh">
            <Door>
              <Slot />
            </Door>
          </View>
        </Theme>
      </TamaguiProvider>
    </RootGuard>
  );
}

/** Opened by a link and without a session: a client's own page, where a coach chooses a password, and where a house begins. */
const BY_LINK: readonly string[] = ['/home', '/welcome', '/founding'];

/** Everything else is behind the coach's sign-in. */
function Door({ children }: { children: ReactNode }) {
  return BY_LINK.includes(usePathname()) ? children : <CoachDoor>{children}</CoachDoor>;
}
