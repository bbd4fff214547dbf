import { isStaggered, type Pattern } from '@taxikine/core/body/stance/patterns';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { FigureView } from '@taxikine/core/body/skeleton/camera';
import type { DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';
import type { Footprints } from '@taxikine/core/body/skeleton/footprints';
import type { PostureReport } from '@taxikine/core/body/solver/postureReport';
import { View } from '@tamagui/core';
import { memo } from 'react';
import Svg, { Line, Path } from 'react-native-svg';
import { FigureDrawing } from '../../figure/FigureDrawing';
import { fitted, type Frame } from '../../figure/frame';
import type { PlumbLines } from '../../solver/postureApi';
import { usePalette } from '../../ui/usePalette';
import { AngleArcs } from './AngleArcs';
import { FeetFromAbove } from '../../solver/FeetFromAbove';

export interface PostureFigureProps {
  readonly figure: DrawnFigure;
  readonly posture: PostureReport;
  readonly lines: PlumbLines;
  readonly prints: Footprints;
  readonly pattern: Pattern;
  readonly heightM: number;
  /** Another posture behind it, as a shadow. */
  readonly against?: DrawnFigure | null;
  readonly view: FigureView;
  /** The front foot of a step. */
  readonly front?: Side | null;
  /** The leg that alone is stood on. */
  readonly oneLeg?: Side | null;
  readonly width: number;
  readonly height: number;
  readonly label: string;
}

/** Height in pixels from which the folds of knee and hip are numbered too. */
const ROOM_FOR_ALL_ARCS = 300;

/** Room for the body from each side, arms ahead, as shares of its height. */
const REACH: Readonly<Record<FigureView, readonly [number, number]>> = {
  right: [-0.34, 0.56],
  left: [-0.56, 0.34],
  quarter: [-0.36, 0.5],
  front: [-0.36, 0.36],
  back: [-0.36, 0.36],
  above: [-0.36, 0.36],
};
/** One foot far behind the other. */
const STEP_REACH: typeof REACH = {
  right: [-0.62, 0.4],
  left: [-0.4, 0.62],
  quarter: [-0.5, 0.4],
  front: [-0.36, 0.36],
  back: [-0.36, 0.36],
  above: [-0.36, 0.36],
};
/** On one leg in a hinge: the other reaches as far behind as the trunk ahead. */
const LEG_BEHIND_REACH: typeof REACH = {
  ...REACH,
  right: [-0.72, 0.5],
  left: [-0.5, 0.72],
  quarter: [-0.6, 0.45],
};
/** From above: how far ahead of the ankles arms or a leaning head reach, and how far behind them hips or a rear foot. */
const ABOVE_REACH = { squat: [0.5, 0.28], step: [0.36, 0.6], legBehind: [0.5, 0.72] } as const;

/** Room for the whole posture, in millimetres. */
function frameOf(
  view: FigureView,
  heightM: number,
  tallness: number,
  pattern: Pattern,
  oneLeg: Side | null,
): Frame {
  const legBehind = oneLeg !== null && pattern === 'hinge';
  const reach = legBehind ? LEG_BEHIND_REACH : isStaggered(pattern) ? STEP_REACH : REACH;
  const [left, right] = reach[view].map((share) => share * heightM * 1000);
  if (view === 'above') {
    const [ahead, behind] =
      ABOVE_REACH[legBehind ? 'legBehind' : isStaggered(pattern) ? 'step' : 'squat'];
    const [top, height] = [-ahead * heightM * 1000, (ahead + behind) * heightM * 1000];
    return { left, top, width: right - left, height };
  }
  const tall = heightM * 1000 * tallness;
  return { left, top: -tall, width: right - left, height: tall + 60 };
}

/** How much of a standing body's height the posture takes; in steps, so that it seldom jumps. */
function tallnessOf(
  { thighDeg, trunkLeanDeg }: PostureReport,
  pattern: Pattern,
  oneLeg: Side | null,
): number {
  if (pattern === 'hinge') return trunkLeanDeg > 45 ? 0.86 : 1.05;
  const deg = oneLeg ? thighDeg[oneLeg] : Math.max(thighDeg.left, thighDeg.right);
  if (pattern !== 'squat') return deg > 45 ? 1.02 : deg > 10 ? 0.88 : 0.76;
  return deg > 45 ? 1.05 : deg > 18 ? 0.92 : 0.8;
}

/** The solver's posture on its floor, with plumb lines, angles and what it is held against. */
export const PostureFigure = memo(function PostureFigure({
  figure,
  posture,
  lines,
  prints,
  pattern,
  heightM,
  against = null,
  view,
  front = null,
  oneLeg = null,
  width,
  height,
  label,
}: PostureFigureProps) {
  const palette = usePalette();
  const frame = frameOf(view, heightM, tallnessOf(posture, pattern, oneLeg), pattern, oneLeg);
  const ink = 1.9 / fitted(frame, width, height).scale;
  return (
    <View
      role="img"
      aria-label={label}
      width={width}
      height={height}
      // Drawn at every move of a hand: nothing around it is to be laid out or painted with it.
      style={{ contain: 'strict' } as object}
    >
      <Svg
        width={width}
        height={height}
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        preserveAspectRatio="xMidYMax meet"
      >
        {view === 'above' ? null : <Ground frame={frame} lines={lines} ink={ink} />}
        {against ? <FigureDrawing figure={against} palette={palette} ghost /> : null}
        <FigureDrawing figure={figure} palette={palette} ink={ink} />
        {view === 'above' ? (
          <FeetFromAbove prints={prints} ink={ink} palette={palette} bare />
        ) : null}
        <AngleArcs
          figure={figure}
          view={view}
          posture={posture}
          leg={front ?? oneLeg ?? (view === 'left' ? 'left' : 'right')}
          all={height >= ROOM_FOR_ALL_ARCS}
          ink={ink}
          palette={palette}
        />
      </Svg>
    </View>
  );
});

interface GroundProps {
  readonly frame: Frame;
  readonly lines: PlumbLines;
  readonly ink: number;
}

/** The floor, a plumb line through the centre of mass, and the middle of the feet with its wedge. */
function Ground({ frame, lines, ink }: GroundProps) {
  const palette = usePalette();
  const foot = lines.midFoot;
  return (
    <>
      <Line
        x1={foot}
        x2={foot}
        y1={frame.top * 0.42}
        y2={4}
        stroke={palette.sea}
        strokeWidth={ink * 0.5}
      />
      <Path
        d={`M${foot} ${ink * 2}l${ink * 4} ${ink * 6}l${-ink * 8} 0Z`}
        fill={palette.sea}
        stroke="none"
      />
      <Line
        x1={lines.mass}
        x2={lines.mass}
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
    </>
  );
}
