import { View } from '@tamagui/core';
import type { ReactNode } from 'react';

/** Room for the ring of a focused button: what is skipped off screen is also clipped at its edge. */
const RING = 5;

/**
 * A part of a long page: neither laid out nor painted while it is off the screen, so that what a hand
 * moves on the screen does not move the whole page with it.
 */
export function Section({ children }: { children: ReactNode }) {
  const own = { contentVisibility: 'auto', containIntrinsicSize: 'auto 360px' } as object;
  return (
    <View gap="$2" padding={RING} margin={-RING} style={own}>
      {children}
    </View>
  );
}
