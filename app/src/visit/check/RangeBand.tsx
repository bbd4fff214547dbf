import type { RangeNorm } from '@taxikine/core/knowledge/checks';
import { clamp } from '@taxikine/core/foundation/numeric/safety';
import { View } from '@tamagui/core';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';

export interface RangeBandProps {
  readonly norm: RangeNorm;
  readonly left: number | null;
  readonly right: number | null;
  /** Standard error of each side, smaller where it was read more than once. */
  readonly sems: Readonly<Record<'left' | 'right', number>>;
  readonly width: number;
  readonly label: string;
}

/** Where left and right lie against the usual range, with the measuring error as a bar. */
export function RangeBand({ norm, left, right, sems, width, label }: RangeBandProps) {
  const palette = usePalette();
  const { usual, restricted } = norm;
  const ends = [
    restricted[0] - 2.2 * restricted[1],
    usual[0] + 2.2 * usual[1],
    usual[0] - 2.2 * usual[1],
    restricted[0] + 2.2 * restricted[1],
  ];
  const low = Math.min(...ends);
  const high = Math.max(...ends);
  const x = (value: number) => ((clamp(value, low, high) - low) / (high - low)) * (width - 24) + 12;
  const marks = [
    { value: left, sem: sems.left, letter: 'L', y: 15, up: true },
    { value: right, sem: sems.right, letter: 'R', y: 47, up: false },
  ];
  return (
    <View role="img" aria-label={label} width={width} height={62}>
      <Svg width={width} height={62}>
        <Line x1={12} y1={31} x2={width - 12} y2={31} stroke={palette.rule} strokeWidth={2} />
        <Rect
          x={x(usual[0] - usual[1])}
          y={25}
          width={x(usual[0] + usual[1]) - x(usual[0] - usual[1])}
          height={12}
          fill={palette.rule}
        />
        {marks.map(({ value, sem, letter, up }) =>
          value === null ? null : (
            <Path
              key={letter}
              d={`M${x(value - sem)} ${up ? 22 : 40}H${x(value + sem)}M${x(value)} ${up ? 18 : 44}V31`}
              stroke={palette.accent}
              strokeWidth={3}
            />
          ),
        )}
        {marks.map(({ value, letter, y, up }) =>
          value === null ? null : (
            <SvgText
              key={letter}
              x={x(value)}
              y={up ? y : y + 12}
              fontSize={15}
              fontFamily="Atkinson"
              fontWeight="700"
              fill={palette.ink}
              textAnchor="middle"
            >
              {letter}
            </SvgText>
          ),
        )}
      </Svg>
    </View>
  );
}
