import type { ScaleLinear } from 'd3-scale';
import { Line, Text } from 'react-native-svg';
import { usePalette } from './usePalette';

export interface ValueAxisProps {
  /** Height in the drawing of a value. */
  readonly y: ScaleLinear<number, number>;
  readonly left: number;
  readonly right: number;
  /** About how many rules there are. */
  readonly count: number;
  /** A value as it stands beside its rule, with its unit. */
  readonly said: (value: number) => string;
}

/** Thin rules across a chart, each with its value on the left. */
export function ValueAxis({ y, left, right, count, said }: ValueAxisProps) {
  const palette = usePalette();
  return (
    <>
      {y.ticks(count).map((tick) => (
        <Line key={tick} x1={left} x2={right} y1={y(tick)} y2={y(tick)} stroke={palette.rule} />
      ))}
      {y.ticks(count).map((tick) => (
        <Text
          key={tick}
          x={left - 6}
          y={y(tick) + 4}
          fontSize={13}
          fill={palette.soft}
          fontFamily="Besley"
          textAnchor="end"
        >
          {said(tick).replace('-', '−')}
        </Text>
      ))}
    </>
  );
}
