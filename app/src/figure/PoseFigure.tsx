import {
  betweenPoses,
  bodyOf,
  drawFigure,
  eased,
  facePath,
  FIGURE_CAMERAS,
  maybeSceneryOf,
  mirroredPose,
  onePose,
  poseSkeleton,
  type ClientRecord,
  type FigureView,
  type Pose,
  type PoseId,
  type Side,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import Svg, { Line, Path } from 'react-native-svg';
import { usePalette } from '../ui/usePalette';
import { FigureDrawing } from './FigureDrawing';
import { useBackAndForth } from './useBackAndForth';

export interface PoseFigureProps {
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  readonly poses: readonly [start: PoseId, end: PoseId];
  /** Poses are drawn for the left; the other side is their mirror image. */
  readonly side: Side | null;
  readonly view: FigureView;
  readonly moving: boolean;
  readonly width: number;
  readonly height: number;
}

/** Room around a pose, in shares of body height: lying takes width, standing takes height. */
function frameOf(pose: Pose, heightM: number) {
  const lying = Math.abs(pose.lean) > 45 || Math.abs(pose.roll) > 45;
  const [wide, tall] = lying ? [2.1, 0.8] : [1.2, 1.03];
  return { width: wide * heightM * 1000, height: tall * heightM * 1000 + 40 };
}

const posed = (id: PoseId, side: Side | null): Pose =>
  side === 'right' ? mirroredPose(onePose(id)) : onePose(id);

/** The client's own figure between two poses of a drill, back and forth while it is done. */
export function PoseFigure({ client, poses, side, view, moving, width, height }: PoseFigureProps) {
  const palette = usePalette();
  const [startId, endId] = poses;
  const [start, end] = useMemo(
    () => [posed(startId, side), posed(endId, side)],
    [startId, endId, side],
  );
  const t = useBackAndForth(moving && start.id !== end.id);
  const body = useMemo(
    () => bodyOf(client.heightM, client.massKg, client.segments),
    [client.heightM, client.massKg, client.segments],
  );
  const skeleton = poseSkeleton(body, betweenPoses(start, end, eased(t)));
  const figure = drawFigure(FIGURE_CAMERAS[view], skeleton);
  const leansOn = useMemo(() => maybeSceneryOf(start, poseSkeleton(body, start)), [start, body]);
  const frame = frameOf(start, client.heightM);
  const ink = 1.9 / Math.min(width / frame.width, height / frame.height);
  const middle = figure.rings.pelvis[0];
  const words = start.words === end.words ? start.words : `${start.words}. ${end.words}`;
  return (
    <View role="img" aria-label={words} width={width} height={height} alignSelf="center">
      <Svg
        width={width}
        height={height}
        viewBox={`${middle - frame.width / 2} ${40 - frame.height} ${frame.width} ${frame.height}`}
        preserveAspectRatio="xMidYMax meet"
      >
        <Line
          x1={middle - frame.width / 2}
          x2={middle + frame.width / 2}
          y1={5}
          y2={5}
          stroke={palette.rule}
          strokeWidth={ink * 0.8}
        />
        {leansOn ? (
          <Path
            d={facePath(FIGURE_CAMERAS[view], leansOn)}
            fill="none"
            stroke={palette.slate}
            strokeWidth={ink * 1.2}
            strokeLinejoin="round"
          />
        ) : null}
        <FigureDrawing figure={figure} palette={palette} ink={ink} />
      </Svg>
    </View>
  );
}
