import type { Footprints } from '@taxikine/core/body/skeleton/footprints';
import { View } from '@tamagui/core';
import Svg from 'react-native-svg';
import { usePalette } from '../ui/usePalette';
import { FeetFromAbove } from './FeetFromAbove';

export interface FeetInsetProps {
  readonly prints: Footprints;
  /** At most so large, in pixels; a stance is wide and a step is long. */
  readonly most: number;
  readonly label: string;
}

/** Millimetres round the feet. */
const MARGIN = 24;

/** A small drawing of both feet from above, and where on them the weight is. */
export function FeetInset({ prints, most, label }: FeetInsetProps) {
  const palette = usePalette();
  const [left, top] = [prints.box.left - MARGIN, prints.box.top - MARGIN];
  const [wide, long] = [prints.box.width + 2 * MARGIN, prints.box.height + 2 * MARGIN];
  const scale = most / Math.max(wide, long);
  return (
    <View role="img" aria-label={label} width={wide * scale} height={long * scale}>
      <Svg width="100%" height="100%" viewBox={`${left} ${top} ${wide} ${long}`}>
        <FeetFromAbove prints={prints} ink={1.6 / scale} palette={palette} />
      </Svg>
    </View>
  );
}
