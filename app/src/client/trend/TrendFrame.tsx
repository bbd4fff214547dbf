import type { SessionMark } from '@taxikine/core/inference/trend/doneBetween';
import type { ScaleLinear } from 'd3-scale';
import type { ReactNode } from 'react';
import Svg, { G, Line, Path, Text } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { dayWords } from './dayWords';

/** Room round the drawing for words. */
export const EDGE = { left: 46, right: 10, top: 12, bottom: 34 } as const;

export interface TrendFrameProps {
  readonly width: number;
  readonly height: number;
  /** Days since 1970 to pixels. */
  readonly x: ScaleLinear<number, number>;
  /** First and last day of which there is something. */
  readonly days: readonly [first: number, last: number];
  readonly sessions: readonly SessionMark[];
  readonly children: ReactNode;
}

/** The axis of days with what was done on it, under whatever is drawn above. */
export function TrendFrame({ width, height, x, days, sessions, children }: TrendFrameProps) {
  const palette = usePalette();
  const floor = height - EDGE.bottom;
  const [first, last] = days;
  const inside = sessions.filter(({ day }) => day >= first - 1 && day <= last + 1);
  return (
    <Svg width={width} height={height}>
      {children}
      <Line
        x1={EDGE.left}
        x2={width - EDGE.right}
        y1={floor}
        y2={floor}
        stroke={palette.rule}
        strokeWidth={1.2}
      />
      <G>
        {inside.map(({ day, visitId }) => (
          <Path
            key={visitId}
            d={`M${x(day) - 4} ${floor + 9}L${x(day)} ${floor + 2}L${x(day) + 4} ${floor + 9}Z`}
            fill={palette.accent}
          />
        ))}
      </G>
      {[first, last].map((day, i) => (
        <Text
          key={i}
          x={x(day)}
          y={height - 6}
          fontSize={12}
          fill={palette.soft}
          fontFamily="Atkinson"
          textAnchor={i === 0 ? 'start' : 'middle'}
        >
          {i === 1 && x(last) - x(first) < 70 ? '' : dayWords(day)}
        </Text>
      ))}
    </Svg>
  );
}
