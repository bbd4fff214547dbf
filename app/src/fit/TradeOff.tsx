import type { Fit } from '@taxikine/core';
import { scaleLinear } from 'd3-scale';
import { View } from '@tamagui/core';
import Svg, { Circle, Line, Path, Text } from 'react-native-svg';
import { usePalette } from '../ui/usePalette';
import { useText } from '../words/useText';

const HEIGHT = 150;
const EDGE = { left: 46, right: 14, top: 14, bottom: 30 };

/** What each further change of the set-up buys: change to the right, the aim's value up. */
export function TradeOff({ fit, unit, width }: { fit: Fit; unit: string; width: number }) {
  const t = useText();
  const palette = usePalette();
  const points = fit.tradeOff;
  const values = points.map(({ value }) => value);
  const x = scaleLinear()
    .domain([0, Math.max(1, ...points.map(({ change }) => change))])
    .range([EDGE.left, width - EDGE.right]);
  const y = scaleLinear()
    .domain([Math.min(...values), Math.max(...values) + 1e-6])
    .nice()
    .range([HEIGHT - EDGE.bottom, EDGE.top]);
  const path = points.map(({ change, value }, i) => `${i ? 'L' : 'M'}${x(change)} ${y(value)}`);
  const label = points
    .map(({ change, value }) =>
      t('fit.point', { change: change.toFixed(0), value: `${value.toFixed(0)} ${unit}` }),
    )
    .join(', ');
  return (
    <View role="img" aria-label={label}>
      <Svg width={width} height={HEIGHT}>
        {y.ticks(4).map((tick) => (
          <Line
            key={tick}
            x1={EDGE.left}
            x2={width - EDGE.right}
            y1={y(tick)}
            y2={y(tick)}
            stroke={palette.rule}
          />
        ))}
        {y.ticks(4).map((tick) => (
          <Text
            key={tick}
            x={EDGE.left - 6}
            y={y(tick) + 5}
            fontSize={13}
            fill={palette.soft}
            fontFamily="Besley"
            textAnchor="end"
          >
            {`${tick}${unit === '°' ? '°' : ''}`}
          </Text>
        ))}
        <Path d={path.join('')} fill="none" stroke={palette.ink} strokeWidth={2} />
        {points.map((one) => (
          <Circle
            key={one.change}
            cx={x(one.change)}
            cy={y(one.value)}
            r={one === fit.best ? 7 : 4}
            fill={one === fit.best ? palette.accent : palette.paper}
            stroke={one === fit.best ? palette.accent : palette.ink}
            strokeWidth={2}
          />
        ))}
        <Text
          x={(EDGE.left + width - EDGE.right) / 2}
          y={HEIGHT - 6}
          fontSize={13}
          fill={palette.soft}
          fontFamily="Atkinson"
          textAnchor="middle"
        >
          {t('fit.moreChange')}
        </Text>
      </Svg>
    </View>
  );
}
