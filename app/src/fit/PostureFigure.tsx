import {
  drawFigure,
  FIGURE_CAMERAS,
  problemFrom,
  skeletonOf,
  stateOf,
  type FigureView,
  type PostureQuestion,
  type PostureReport,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { memo, useMemo } from 'react';
import Svg, { Line } from 'react-native-svg';
import { FigureDrawing } from '../figure/FigureDrawing';
import { fitted, type Frame } from '../figure/frame';
import { usePalette } from '../ui/usePalette';
import { AngleArcs } from './AngleArcs';

/** A posture as its free variables, with the question it answers. */
export interface Drawable {
  readonly question: PostureQuestion;
  readonly q: readonly number[];
}

export interface PostureFigureProps {
  readonly shown: Drawable;
  readonly posture: PostureReport;
  /** Another posture behind it, as a shadow. */
  readonly against?: Drawable | null;
  readonly view: FigureView;
  readonly width: number;
  readonly height: number;
  readonly label: string;
}

const useDrawn = (drawable: Drawable | null, view: FigureView) =>
  useMemo(() => {
    if (!drawable) return null;
    const problem = problemFrom(drawable.question);
    const state = stateOf(problem, [...drawable.q]);
    return drawFigure(FIGURE_CAMERAS[view], skeletonOf({ problem, state }));
  }, [drawable, view]);

/** Room for a squatting body, arms ahead, from each side. Millimetres. */
function frameOf(view: FigureView, heightM: number, tallness: number): Frame {
  const reach: Record<FigureView, readonly [number, number]> = {
    right: [-0.34, 0.56],
    left: [-0.56, 0.34],
    quarter: [-0.36, 0.5],
    front: [-0.36, 0.36],
    back: [-0.36, 0.36],
  };
  const [left, right] = reach[view].map((share) => share * heightM * 1000);
  const tall = heightM * 1000 * tallness;
  return { left, top: -tall, width: right - left, height: tall + 60 };
}

/** How much of a standing body's height the posture takes; in steps, so that it seldom jumps. */
function tallnessOf({ thighDeg }: PostureReport): number {
  const deg = Math.max(thighDeg.left, thighDeg.right);
  return deg > 45 ? 1.05 : deg > 18 ? 0.92 : 0.8;
}

/** The solver's posture on its floor, with plumb lines, angles and what it is held against. */
export const PostureFigure = memo(function PostureFigure({
  shown,
  posture,
  against = null,
  view,
  width,
  height,
  label,
}: PostureFigureProps) {
  const palette = usePalette();
  const figure = useDrawn(shown, view);
  const ghost = useDrawn(against, view);
  const frame = frameOf(view, shown.question.body.heightM, tallnessOf(posture));
  const ink = 1.9 / fitted(frame, width, height).scale;
  const sideOn = view === 'left' || view === 'right';
  const middle = sideOn ? (view === 'left' ? -1 : 1) * 1000 * posture.comM[0] : 0;
  if (!figure) return null;
  return (
    <View role="img" aria-label={label} width={width} height={height}>
      <Svg
        width={width}
        height={height}
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        preserveAspectRatio="xMidYMax meet"
      >
        <Line
          x1={middle}
          x2={middle}
          y1={frame.top}
          y2={24}
          stroke={palette.slate}
          strokeWidth={ink * 0.5}
          strokeDasharray={`${ink * 1.5} ${ink * 3}`}
        />
        <Line
          x1={frame.left}
          x2={frame.left + frame.width}
          y1={4}
          y2={4}
          stroke={palette.rule}
          strokeWidth={ink * 0.8}
        />
        {ghost ? <FigureDrawing figure={ghost} palette={palette} ghost /> : null}
        <FigureDrawing figure={figure} palette={palette} ink={ink} />
        <AngleArcs figure={figure} view={view} posture={posture} ink={ink} palette={palette} />
      </Svg>
    </View>
  );
});
