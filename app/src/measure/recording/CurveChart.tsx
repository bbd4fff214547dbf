import type { Curve } from '@taxikine/core/media/recording/curves';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { View } from '@tamagui/core';
import Svg, { Path, Text } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { ValueAxis } from '../../ui/ValueAxis';
import { ours } from '../../words/units';

const HEIGHT = 128;
const EDGE = { left: 58, right: 8, top: 8, bottom: 22 };

export interface CurveChartProps {
  readonly curve: Curve;
  readonly width: number;
  readonly label: string;
  /** Words under the axis: standing, bottom, standing. */
  readonly ends: readonly [start: string, bottom: string, end: string];
}

/** A measure through every repetition, laid over each other; the last one in the accent. */
export function CurveChart({ curve, width, label, ends }: CurveChartProps) {
  const palette = usePalette();
  const values = curve.repetitions.flat();
  const count = curve.repetitions[0]?.length ?? 0;
  const x = scaleLinear()
    .domain([0, count - 1])
    .range([EDGE.left, width - EDGE.right]);
  const y = scaleLinear()
    .domain([Math.min(...values), Math.max(...values) + 1e-6])
    .nice(4)
    .range([HEIGHT - EDGE.bottom, EDGE.top]);
  const path = line<number>(
    (_, i) => x(i),
    (value) => y(value),
  );
  const unit = curve.unit === 'deg' ? '°' : ` ${curve.unit}`;
  const last = curve.repetitions.length - 1;
  return (
    <View role="img" aria-label={label}>
      <Svg width={width} height={HEIGHT}>
        <ValueAxis
          y={y}
          left={EDGE.left}
          right={width - EDGE.right}
          count={3}
          said={(tick) => ours(`${tick}${unit}`)}
        />
        {curve.repetitions.map((one, i) => (
          <Path
            key={i}
            d={path([...one]) ?? ''}
            fill="none"
            stroke={i === last ? palette.accent : palette.ink}
            strokeWidth={i === last ? 2 : 1.2}
            opacity={i === last ? 1 : 0.55}
          />
        ))}
        {ends.map((word, i) => (
          <Text
            key={word + String(i)}
            x={[EDGE.left, (EDGE.left + width - EDGE.right) / 2, width - EDGE.right][i]}
            y={HEIGHT - 5}
            fontSize={13}
            fill={palette.soft}
            fontFamily="Atkinson"
            textAnchor={(['start', 'middle', 'end'] as const)[i]}
          >
            {word}
          </Text>
        ))}
      </Svg>
    </View>
  );
}
