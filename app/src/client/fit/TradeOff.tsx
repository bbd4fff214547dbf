import type { Fit } from '@taxikine/core/body/solver/fit';
import { scaleLinear } from 'd3-scale';
import { View } from '@tamagui/core';
import Svg, { Circle, Path, Text } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { ValueAxis } from '../../ui/ValueAxis';
import { useText } from '../../words/useText';
import { withUnit, type ValueUnit } from './fitAim';

const HEIGHT = 150;
const EDGE = { left: 64, right: 14, top: 14, bottom: 30 };
/** Room between the numbers and the first point. */
const BEGIN = 12;

export interface TradeOffProps {
  readonly fit: Fit;
  readonly unit: ValueUnit;
  /** A value as a coach counts it. */
  readonly said: (value: number) => number;
  readonly width: number;
}

/** What each further change of the set-up buys: change to the right, the aim's value up. */
export function TradeOff({ fit, unit, said, width }: TradeOffProps) {
  const t = useText();
  const palette = usePalette();
  const points = fit.tradeOff.map((one) => ({
    ...one,
    value: said(one.value),
    best: one === fit.best,
  }));
  const values = points.map(({ value }) => value);
  const x = scaleLinear()
    .domain([0, Math.max(1, ...points.map(({ change }) => change))])
    .range([EDGE.left + BEGIN, width - EDGE.right]);
  const y = scaleLinear()
    .domain([Math.min(...values), Math.max(...values) + 1e-6])
    .nice()
    .range([HEIGHT - EDGE.bottom, EDGE.top]);
  const path = points.map(({ change, value }, i) => `${i ? 'L' : 'M'}${x(change)} ${y(value)}`);
  const label = points
    .map(({ change, value }) =>
      t('fit.point', { change: change.toFixed(0), value: withUnit(value, unit) }),
    )
    .join(', ');
  return (
    <View role="img" aria-label={label}>
      <Svg width={width} height={HEIGHT}>
        <ValueAxis
          y={y}
          left={EDGE.left}
          right={width - EDGE.right}
          count={4}
          said={(tick) => withUnit(tick, unit)}
        />
        <Path d={path.join('')} fill="none" stroke={palette.ink} strokeWidth={2} />
        {points.map((one) => (
          <Circle
            key={one.change}
            cx={x(one.change)}
            cy={y(one.value)}
            r={one.best ? 7 : 4}
            fill={one.best ? palette.accent : palette.paper}
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
