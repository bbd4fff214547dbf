import type { RepetitionTimes } from '@taxikine/core/media/recording/analyse';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import Svg, { Circle, Line, Path, Rect, Text } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';

const HEIGHT = 96;
const EDGE = { top: 18, bottom: 8 };
/** More points than this along the width nobody can see. */
const POINTS = 600;

export interface HipPathProps {
  readonly height: Float32Array;
  readonly rate: number;
  readonly repetitions: readonly RepetitionTimes[];
  /** The moment that is shown, in seconds from the beginning. */
  readonly at: number;
  readonly width: number;
  readonly label: string;
}

/** The path of the hips over the whole recording, with its repetitions and the moment shown. */
export function HipPath({ height, rate, repetitions, at, width, label }: HipPathProps) {
  const palette = usePalette();
  const seconds = (height.length - 1) / rate;
  const x = scaleLinear()
    .domain([0, seconds])
    .range([2, width - 2]);
  const path = useMemo(() => {
    const every = Math.max(1, Math.floor(height.length / POINTS));
    const steps = Array.from({ length: Math.ceil(height.length / every) }, (_, k) => k * every);
    const heights = steps.map((step) => height[step]);
    const over = scaleLinear()
      .domain([0, seconds])
      .range([2, width - 2]);
    const y = scaleLinear()
      .domain([Math.min(...heights), Math.max(...heights)])
      .range([HEIGHT - EDGE.bottom, EDGE.top]);
    const drawn = line<number>(
      (step) => over(step / rate),
      (step) => y(height[step]),
    );
    return { d: drawn(steps) ?? '', y };
  }, [height, rate, seconds, width]);
  const step = Math.min(height.length - 1, Math.round(at * rate));
  return (
    <View role="img" aria-label={label}>
      <Svg width={width} height={HEIGHT}>
        {repetitions.map(({ start, end }, i) => (
          <Rect
            key={start}
            x={x(start)}
            y={EDGE.top - 4}
            width={Math.max(1, x(end) - x(start))}
            height={HEIGHT - EDGE.top}
            fill={i % 2 ? palette.skin : palette.raised}
          />
        ))}
        {repetitions.map(({ start, bottom }, i) => (
          <Text
            key={start}
            x={x(bottom)}
            y={12}
            fontSize={13}
            fill={palette.soft}
            fontFamily="Besley"
            textAnchor="middle"
          >
            {i + 1}
          </Text>
        ))}
        <Path d={path.d} fill="none" stroke={palette.ink} strokeWidth={1.8} />
        <Line x1={x(at)} x2={x(at)} y1={EDGE.top - 4} y2={HEIGHT} stroke={palette.accent} />
        <Circle cx={x(at)} cy={path.y(height[step])} r={5} fill={palette.accent} />
      </Svg>
    </View>
  );
}
