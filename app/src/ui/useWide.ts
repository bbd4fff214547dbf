import { useWindowDimensions } from 'react-native';

/** From this width on there is a desk under the screen. */
const WIDE = 900;

export function useWide(): { wide: boolean; width: number; height: number } {
  const { width, height } = useWindowDimensions();
  return { wide: width >= WIDE, width, height };
}
