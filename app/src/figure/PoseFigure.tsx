import { bodyOf } from '@taxikine/core/body/segments/body';
import type { Side } from '@taxikine/core/foundation/sides/side';
import { betweenPoses, eased, mirroredPose } from '@taxikine/core/body/skeleton/betweenPoses';
import { FIGURE_CAMERAS, type FigureView } from '@taxikine/core/body/skeleton/camera';
import { drawFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { extentOf } from '@taxikine/core/body/skeleton/extentOf';
import type { Pose } from '@taxikine/core/body/skeleton/pose';
import { poseSkeleton } from '@taxikine/core/body/skeleton/poseSkeleton';
import { facePath, maybeSceneryOf } from '@taxikine/core/body/skeleton/scenery';
import type { Skeleton } from '@taxikine/core/body/skeleton/skeleton';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import Svg, { Line, Path } from 'react-native-svg';
import { usePalette } from '../ui/usePalette';
import { FigureDrawing } from './FigureDrawing';
import { areFeetApart, FootMarks, withRoomForMarks } from './FootMarks';
import { inkFor, type Frame } from './frame';
import { useBackAndForth } from './useBackAndForth';

export interface PoseFigureProps {
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  readonly poses: readonly [start: Pose, end: Pose];
  /** Poses are drawn for the left; the other side is their mirror image. */
  readonly side: Side | null;
  readonly view: FigureView;
  readonly moving: boolean;
  readonly width: number;
  readonly height: number;
  /** Say which foot is which where one is in front: of a drill on a side that somebody is about to do. */
  readonly marks?: boolean;
}

/** Under the floor line, in millimetres. */
const BELOW_MM = 40;
/** A figure that hardly reaches anywhere is not drawn larger than this many millimetres high. */
const LEAST_MM = 560;

/** Room for the postures between two poses, in millimetres of the drawing. */
export function poseFrame(view: FigureView, skeletons: readonly Skeleton[]): Frame {
  const { left, right, top } = extentOf(FIGURE_CAMERAS[view], skeletons);
  const height = Math.max(LEAST_MM, top * 1000);
  return {
    left: left * 1000,
    top: -height,
    width: (right - left) * 1000,
    height: height + BELOW_MM,
  };
}

/** A pose for one side: its mirror image for the right. */
export const posed = (pose: Pose, side: Side | null): Pose =>
  side === 'right' ? mirroredPose(pose) : pose;

/** The client's own figure between two poses of a drill, back and forth while it is done. */
export function PoseFigure(props: PoseFigureProps) {
  const { client, poses, side, view, moving, width, height, marks = false } = props;
  const palette = usePalette();
  const [from, to] = poses;
  const [start, end] = useMemo(() => [posed(from, side), posed(to, side)], [from, to, side]);
  const t = useBackAndForth(moving && start.id !== end.id);
  const body = useMemo(
    () => bodyOf(client.heightM, client.massKg, client.segments),
    [client.heightM, client.massKg, client.segments],
  );
  const skeleton = poseSkeleton(body, betweenPoses(start, end, eased(t)));
  const leansOn = useMemo(() => maybeSceneryOf(start, poseSkeleton(body, start)), [start, body]);
  const camera = FIGURE_CAMERAS[view];
  const { bare, isMarked } = useMemo(() => {
    const ends = [start, end].map((pose) => poseSkeleton(body, pose));
    const isApart = ends.some((one) => areFeetApart(one, FIGURE_CAMERAS[view]));
    return { bare: poseFrame(view, ends), isMarked: marks && side !== null && isApart };
  }, [view, start, end, body, marks, side]);
  const frame = isMarked ? withRoomForMarks(bare) : bare;
  const figure = drawFigure(camera, skeleton);
  const ink = inkFor(frame, width, height);
  const words = start.words === end.words ? start.words : `${start.words}. ${end.words}`;
  return (
    <View role="img" aria-label={words} width={width} height={height} alignSelf="center">
      <Svg
        width={width}
        height={height}
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        preserveAspectRatio="xMidYMax meet"
      >
        <Line
          x1={frame.left}
          x2={frame.left + frame.width}
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
        {isMarked ? (
          <FootMarks skeleton={skeleton} camera={camera} frame={bare} palette={palette} />
        ) : null}
      </Svg>
    </View>
  );
}
