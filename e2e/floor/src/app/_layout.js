import { createTamagui, createTokens, TamaguiProvider } from '@tamagui/core';
import { Slot } from 'expo-router';

const tokens = createTokens({
  color: { ink: '#1D2B36' },
  space: { 0: 0, 1: 4, true: 4 },
  size: { 0: 0, 1: 4, true: 4 },
  radius: { 0: 0, true: 0 },
  zIndex: { 0: 0, true: 0 },
});
const config = createTamagui({ tokens, themes: { light: { ink: '#1D2B36' } } });

export default function Layout() {
  return (
    <TamaguiProvider config={config} defaultTheme="light">
      <Slot />
    </TamaguiProvider>
  );
}
