import { clamp } from '@taxikine/core/foundation/numeric/safety';
import type { Reason } from '@taxikine/core/inference/trace/reasons';
import { capital } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import Svg, { Line, Rect } from 'react-native-svg';
import { Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useWide } from '../../ui/useWide';
import { useText } from '../../words/useText';
import { ours } from '../../words/units';

/** Widths of the bar and its number, at the desk and on a phone. */
const WIDE = { bar: 110, figure: 70 } as const;
const NARROW = { bar: 62, figure: 62 } as const;
const MOST_DB = 15;

/** One finding and its weight: to the right it speaks for, to the left against. */
export function ReasonBar({ reason, colour }: { reason: Reason; colour: string }) {
  const t = useText();
  const palette = usePalette();
  const { bar, figure } = useWide().wide ? WIDE : NARROW;
  const length = clamp(Math.abs(reason.decibans) / MOST_DB, 0.03, 1) * (bar * 0.72);
  const zero = bar * 0.25;
  const pro = reason.decibans > 0;
  return (
    <View flexDirection="row" alignItems="center" gap="$2">
      <Words small flex={1}>
        {capital(ours(reason.words))}
      </Words>
      <Svg width={bar} height={16} aria-hidden>
        <Rect
          x={pro ? zero : Math.max(0, zero - length)}
          y={3}
          width={pro ? length : Math.min(zero, length)}
          height={10}
          fill={pro ? colour : 'none'}
          stroke={colour}
          strokeWidth={1.5}
        />
        <Line x1={zero} y1={0} x2={zero} y2={16} stroke={palette.ink} strokeWidth={1} />
      </Svg>
      <Words small soft width={figure} textAlign="right">
        {t('trace.db', { value: `${pro ? '+' : '−'}${Math.abs(reason.decibans).toFixed(1)}` })}
      </Words>
    </View>
  );
}
