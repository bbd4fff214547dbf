import type { ClientRecord, Setup, SquatAim, View as Side } from '@taxikine/core';
import { View } from '@tamagui/core';
import Svg, { Line, Path } from 'react-native-svg';
import { usePalette } from '../ui/usePalette';
import { FigureDrawing } from './FigureDrawing';
import { frameFor, inkFor } from './frame';
import { useFigure } from './useFigure';

export interface FigureProps {
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  readonly setup: Setup;
  readonly aim: SquatAim;
  readonly view: Side;
  readonly width: number;
  readonly height: number;
  /** Empty for a figure that only decorates. */
  readonly label: string;
  readonly standing?: boolean;
  readonly marked?: ReadonlySet<string>;
  /** A posture laid over it as a dashed outline: what it was before. */
  readonly before?: SquatAim;
}

/** The client's figure with floor and plumb line, to look at. */
export function Figure({
  client,
  setup,
  aim,
  view,
  width,
  height,
  label,
  standing = false,
  marked,
  before,
}: FigureProps) {
  const palette = usePalette();
  const figure = useFigure(client, setup, aim, view);
  const ghost = useFigure(client, setup, before ?? aim, view);
  const frame = frameFor(view, client.heightM, standing);
  const plumb = view === 'side' ? 0.25 * 0.152 * client.heightM * 1000 : 0;
  return (
    <View
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      width={width}
      height={height}
    >
      <Svg
        width={width}
        height={height}
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        preserveAspectRatio="xMidYMax meet"
      >
        <Line
          x1={plumb}
          y1={frame.top}
          x2={plumb}
          y2={20}
          stroke={palette.slate}
          strokeWidth={4}
          strokeDasharray="6 22"
        />
        <Line
          x1={frame.left}
          y1={4}
          x2={frame.left + frame.width}
          y2={4}
          stroke={palette.rule}
          strokeWidth={6}
        />
        <FigureDrawing
          figure={figure}
          palette={palette}
          marked={marked}
          ink={inkFor(frame, width, height)}
        />
        {before ? (
          <FigureDrawing
            figure={ghost}
            palette={palette}
            ghost
            ink={inkFor(frame, width, height)}
          />
        ) : null}
        <Path d={`M${plumb - 22} 22L${plumb + 22} 22L${plumb} 60Z`} fill={palette.ink} />
      </Svg>
    </View>
  );
}
