import type { CheckSeries } from '@taxikine/core/inference/trend/checkSeries';
import type { SessionMark } from '@taxikine/core/inference/trend/doneBetween';
import type { SideTrend } from '@taxikine/core/inference/trend/outlook';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { View } from '@tamagui/core';
import { Circle, G, Line, Path, Rect, Text } from 'react-native-svg';
import type { Palette } from '../../ui/palette';
import { usePalette } from '../../ui/usePalette';
import { ValueAxis } from '../../ui/ValueAxis';
import { useText } from '../../words/useText';
import { EDGE, TrendFrame } from './TrendFrame';

export interface CheckChartProps {
  readonly series: CheckSeries;
  readonly trends: readonly SideTrend[];
  readonly sessions: readonly SessionMark[];
  readonly width: number;
  /** All of it in words. */
  readonly label: string;
}

const HEIGHT = 220;
/** From the last reading on, so much is foretold, in days. */
const AHEAD_DAYS = 42;
const WEEK = 7;

/** Everything that has to fit into the height. */
function extentOf({ sides, norm }: CheckSeries, trends: readonly SideTrend[]): [number, number] {
  const read = sides.flatMap(({ points }) =>
    points.flatMap(({ value, sem }) => [value - sem, value + sem]),
  );
  const foretold = trends.flatMap(({ ahead }) => ahead.flatMap(({ low, high }) => [low, high]));
  const [mean, sd] = norm.usual;
  const all = [...read, ...foretold, mean - sd, mean + sd];
  return [Math.min(...all), Math.max(...all)];
}

/** Sides are told apart by mark and stroke, never by colour alone. */
const STROKES = { left: undefined, right: '6 4', both: undefined } as const;

/** A range over time: the usual band, both sides with their error, the level through them, and six weeks on. */
export function CheckChart({ series, trends, sessions, width, label }: CheckChartProps) {
  const t = useText();
  const palette = usePalette();
  const days = series.sides.flatMap(({ points }) => points.map(({ day }) => day));
  const [first, last] = [Math.min(...days), Math.max(...days)];
  const x = scaleLinear()
    .domain([first, last + AHEAD_DAYS])
    .range([EDGE.left + 8, width - EDGE.right]);
  const y = scaleLinear()
    .domain(extentOf(series, trends))
    .nice(5)
    .range([HEIGHT - EDGE.bottom, EDGE.top]);
  const [mean, sd] = series.norm.usual;
  const unit = series.norm.unit === 'deg' ? '°' : ` ${series.norm.unit}`;
  return (
    <View role="img" aria-label={label} width={width} height={HEIGHT}>
      <TrendFrame width={width} height={HEIGHT} x={x} days={[first, last]} sessions={sessions}>
        <Rect
          x={EDGE.left}
          width={width - EDGE.left - EDGE.right}
          y={y(mean + sd)}
          height={y(mean - sd) - y(mean + sd)}
          fill={palette.skin}
        />
        <Text
          x={width - EDGE.right - 4}
          // In the upper corner of the band: the line of a usual joint runs through its middle.
          y={Math.max(y(mean + sd), EDGE.top) + 14}
          fontSize={12}
          fill={palette.soft}
          fontFamily="Atkinson"
          textAnchor="end"
        >
          {t('trend.usual')}
        </Text>
        <ValueAxis
          y={y}
          left={EDGE.left}
          right={width - EDGE.right}
          count={4}
          said={(tick) => `${tick}${unit}`}
        />
        {trends.map((one) => (
          <Way key={one.side ?? 'both'} one={one} x={x} y={y} palette={palette} />
        ))}
        {series.sides.map(({ side, points }) => (
          <G key={side ?? 'both'}>
            {points.map((point) => (
              <Reading
                key={point.on}
                x={x(point.day)}
                y={y(point.value)}
                error={Math.abs(y(0) - y(point.sem))}
                square={side === 'right'}
                open={point.when !== 'first'}
                palette={palette}
              />
            ))}
          </G>
        ))}
      </TrendFrame>
    </View>
  );
}

interface WayProps {
  readonly one: SideTrend;
  readonly x: (day: number) => number;
  readonly y: (value: number) => number;
  readonly palette: Palette;
}

/** The level through the readings, and the fan of where it goes. */
function Way({ one: { side, levels, ahead }, x, y, palette }: WayProps) {
  const colour = side === 'right' ? palette.sea : palette.ink;
  const from = levels[levels.length - 1].day;
  const dayOf = (weeks: number) => from + WEEK * weeks;
  const fan = area<(typeof ahead)[number]>(
    ({ weeks }) => x(dayOf(weeks)),
    ({ low }) => y(low),
    ({ high }) => y(high),
  );
  const path = line<{ day: number; level: number }>(
    ({ day }) => x(day),
    ({ level }) => y(level),
  );
  const middle = [
    ...levels.map(({ day, level }) => ({ day, level })),
    ...ahead.map(({ weeks, middle: level }) => ({ day: dayOf(weeks), level })),
  ];
  return (
    <G>
      {levels.length > 1 ? (
        <>
          <Path d={fan([...ahead]) ?? ''} fill={colour} fillOpacity={0.1} />
          <Path
            d={path(middle) ?? ''}
            fill="none"
            stroke={colour}
            strokeWidth={1.8}
            strokeDasharray={STROKES[side ?? 'both']}
          />
        </>
      ) : null}
    </G>
  );
}

interface ReadingProps {
  readonly x: number;
  readonly y: number;
  /** Half the whisker, in pixels. */
  readonly error: number;
  readonly square: boolean;
  /** Read right after the work, or between two drills. */
  readonly open: boolean;
  readonly palette: Palette;
}

const R = 4.5;

function Reading({ x, y, error, square, open, palette }: ReadingProps) {
  const colour = square ? palette.sea : palette.ink;
  const drawn = { fill: open ? palette.paper : colour, stroke: colour, strokeWidth: 1.8 };
  return (
    <G>
      <Line x1={x} x2={x} y1={y - error} y2={y + error} stroke={colour} strokeWidth={1.2} />
      {square ? (
        <Rect x={x - R} y={y - R} width={2 * R} height={2 * R} {...drawn} />
      ) : (
        <Circle cx={x} cy={y} r={R} {...drawn} />
      )}
    </G>
  );
}
