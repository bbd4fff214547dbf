import type { DrawnFigure, FigureView, PostureReport, RingId } from '@taxikine/core';
import { G, Line, Path, Text } from 'react-native-svg';
import type { Palette } from '../ui/palette';

interface Arc {
  readonly at: RingId;
  readonly toward: RingId;
  readonly deg: number;
}

/** Angles that are read from the side the client is seen from: shin and trunk against the plumb line. */
function arcsFor(view: FigureView, posture: PostureReport): Arc[] {
  if (view !== 'left' && view !== 'right') return [];
  return [
    { at: `ankle-${view}`, toward: `knee-${view}`, deg: posture.shinLeanDeg[view] },
    { at: 'pelvis', toward: 'chest', deg: posture.trunkLeanDeg },
  ];
}

const RADIUS = 190;

/** Lengths of the drawing, in millimetres, that a line of `ink` is thick. */
export interface AngleArcsProps {
  readonly figure: DrawnFigure;
  readonly view: FigureView;
  readonly posture: PostureReport;
  readonly ink: number;
  readonly palette: Palette;
}

/** Angles drawn as on a craftsman's drawing: a plumb line, an arc and a number. */
export function AngleArcs({ figure, view, posture, ink, palette }: AngleArcsProps) {
  return (
    <G>
      {arcsFor(view, posture).map(({ at, toward, deg }) => {
        const [x, y] = figure.rings[at];
        const [tx, ty] = figure.rings[toward];
        const angle = Math.atan2(tx - x, y - ty);
        const end = [x + RADIUS * Math.sin(angle), y - RADIUS * Math.cos(angle)];
        const middle = angle / 2;
        const [lx, ly] = [
          x + 1.32 * RADIUS * Math.sin(middle),
          y - 1.22 * RADIUS * Math.cos(middle),
        ];
        return (
          <G key={at}>
            <Line
              x1={x}
              y1={y}
              x2={x}
              y2={y - RADIUS * 1.12}
              stroke={palette.accent}
              strokeWidth={ink * 0.5}
            />
            <Path
              d={`M${x} ${y - RADIUS}A${RADIUS} ${RADIUS} 0 0 ${angle > 0 ? 1 : 0} ${end[0]} ${end[1]}`}
              fill="none"
              stroke={palette.accent}
              strokeWidth={ink * 0.7}
            />
            <Text
              x={lx}
              y={ly}
              fill={palette.accent}
              stroke={palette.paper}
              strokeWidth={ink * 1.6}
              // The number stands on a little paper of its own.
              {...{ paintOrder: 'stroke' }}
              fontSize={ink * 8}
              fontFamily="Besley"
              textAnchor="middle"
            >
              {`${Math.round(deg)}°`}
            </Text>
          </G>
        );
      })}
    </G>
  );
}
