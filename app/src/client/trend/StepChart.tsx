import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { SessionMark } from '@taxikine/core/inference/trend/doneBetween';
import { scaleLinear } from 'd3-scale';
import { curveStepAfter, line } from 'd3-shape';
import { View } from '@tamagui/core';
import { Circle, G, Path, Rect } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { ValueAxis } from '../../ui/ValueAxis';
import { EDGE, TrendFrame } from './TrendFrame';

export interface StepsOfSide {
  readonly side: MaybeSide;
  readonly points: readonly { readonly on: string; readonly day: number; readonly step: number }[];
}

export interface StepChartProps {
  readonly sides: readonly StepsOfSide[];
  /** Word of a step; what stands at the top comes last. */
  readonly stepWords: readonly string[];
  readonly sessions: readonly SessionMark[];
  readonly width: number;
  readonly label: string;
}

const HEIGHT = 150;
const R = 4.5;

/** Steps over time, such as grades or rungs: an order, so that nothing is drawn between two of them. */
export function StepChart({ sides, stepWords, sessions, width, label }: StepChartProps) {
  const palette = usePalette();
  const days = sides.flatMap(({ points }) => points.map(({ day }) => day));
  const [first, last] = [Math.min(...days), Math.max(...days)];
  const left = EDGE.left + 16;
  const x = scaleLinear()
    .domain([first, Math.max(last, first + 7)])
    .range([left + 8, width - EDGE.right - 8]);
  const y = scaleLinear()
    .domain([0, stepWords.length - 1])
    .range([HEIGHT - EDGE.bottom - 8, EDGE.top]);
  const path = line<StepsOfSide['points'][number]>(
    ({ day }) => x(day),
    ({ step }) => y(step),
  ).curve(curveStepAfter);
  return (
    <View role="img" aria-label={label} width={width} height={HEIGHT}>
      <TrendFrame width={width} height={HEIGHT} x={x} days={[first, last]} sessions={sessions}>
        <ValueAxis
          y={y}
          left={left}
          right={width - EDGE.right}
          count={Math.min(stepWords.length, 5)}
          said={(tick) => stepWords[tick] ?? ''}
        />
        {sides.map(({ side, points }) => {
          const colour = side === 'right' ? palette.sea : palette.ink;
          return (
            <G key={side ?? 'both'}>
              <Path
                d={path([...points]) ?? ''}
                fill="none"
                stroke={colour}
                strokeWidth={1.8}
                strokeDasharray={side === 'right' ? '6 4' : undefined}
              />
              {points.map(({ on, day, step }) =>
                side === 'right' ? (
                  <Rect
                    key={on}
                    x={x(day) - R}
                    y={y(step) - R}
                    width={2 * R}
                    height={2 * R}
                    fill={colour}
                  />
                ) : (
                  <Circle key={on} cx={x(day)} cy={y(step)} r={R} fill={colour} />
                ),
              )}
            </G>
          );
        })}
      </TrendFrame>
    </View>
  );
}
