import type { View as Side } from '@taxikine/core/body/stance/patterns';
import type { Setup } from '@taxikine/core/body/stance/setup';
import type { SeenMoment } from '@taxikine/core/reading/figure/lookSkeleton';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import Svg from 'react-native-svg';
import { usePalette } from '../ui/usePalette';
import { FigureDrawing } from './FigureDrawing';
import { frameFor, inkFor, facingOf, hasLegBehind } from './frame';
import { Ground } from './Ground';
import { useFigure } from './useFigure';

export interface FigureProps {
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  readonly setup: Setup;
  readonly moment: SeenMoment;
  readonly view: Side;
  readonly width: number;
  readonly height: number;
  /** Empty for a figure that only decorates. */
  readonly label: string;
  readonly standing?: boolean;
  /** A posture behind it as a shadow: what it was before. */
  readonly before?: SeenMoment;
}

/** The client's figure with floor and plumb line, to look at. */
export function Figure({
  client,
  setup,
  moment,
  view,
  width,
  height,
  label,
  standing = false,
  before,
}: FigureProps) {
  const palette = usePalette();
  const figure = useFigure(client, setup, moment, view);
  const ghost = useFigure(client, setup, before, view);
  const facing = facingOf(moment.pattern, setup);
  const legBehind = hasLegBehind(moment.pattern, setup);
  const frame = frameFor(view, client.heightM, standing, facing, legBehind);
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
        <Ground
          frame={frame}
          view={view}
          heightM={client.heightM}
          facing={facing}
          palette={palette}
        />
        {ghost ? <FigureDrawing figure={ghost} palette={palette} ghost /> : null}
        <FigureDrawing figure={figure} palette={palette} ink={inkFor(frame, width, height)} />
      </Svg>
    </View>
  );
}
