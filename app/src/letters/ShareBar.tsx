import type { CheckRetention } from '@taxikine/core/inference/trend/rollUpGains';
import { scaleLinear } from 'd3-scale';
import { View } from '@tamagui/core';
import Svg, { Circle, Line, Rect, Text } from 'react-native-svg';
import { usePalette } from '../ui/usePalette';

export interface ShareBarProps {
  readonly share: NonNullable<CheckRetention['share']>;
  readonly width: number;
  /** The whole of it in a sentence, for who does not see it. */
  readonly label: string;
}

const HEIGHT = 40;
const EDGE = 14;

/** From nothing left to all of it: the middle half of gains as a band, their median as a dot. */
export function ShareBar({ share, width, label }: ShareBarProps) {
  const palette = usePalette();
  const x = scaleLinear()
    .domain([0, 1])
    .range([EDGE, width - EDGE])
    .clamp(true);
  const { low, middle, high } = share;
  return (
    <View role="img" aria-label={label} width={width} height={HEIGHT}>
      <Svg width={width} height={HEIGHT}>
        <Line x1={x(0)} x2={x(1)} y1={12} y2={12} stroke={palette.rule} strokeWidth={2} />
        <Rect
          x={x(low)}
          y={6}
          width={x(high) - x(low)}
          height={12}
          rx={6}
          fill={palette.sea}
          opacity={0.35}
        />
        <Circle cx={x(middle)} cy={12} r={6} fill={palette.sea} />
        {[0, 0.5, 1].map((tick) => (
          <Text
            key={tick}
            x={x(tick)}
            y={36}
            fontSize={12}
            fill={palette.soft}
            fontFamily="Besley"
            textAnchor={tick === 0 ? 'start' : tick === 1 ? 'end' : 'middle'}
          >
            {`${100 * tick} %`}
          </Text>
        ))}
      </Svg>
    </View>
  );
}
