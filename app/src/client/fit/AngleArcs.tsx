import type { Side } from '@taxikine/core/foundation/sides/side';
import type { FigureView } from '@taxikine/core/body/skeleton/camera';
import type { DrawnFigure, RingId } from '@taxikine/core/body/skeleton/drawFigure';
import type { PostureReport } from '@taxikine/core/body/solver/postureReport';
import { G, Line, Path, Text } from 'react-native-svg';
import type { Palette } from '../../ui/palette';

interface Arc {
  readonly at: RingId;
  readonly toward: RingId;
  /** Where the arc begins: straight up, level toward the hips, or along another bone. */
  readonly from: 'up' | 'level' | RingId;
  readonly deg: number;
  readonly radius: number;
}

/** Above this a thigh is read as standing, not as a depth. */
const UPRIGHT_THIGH_DEG = 50;

/**
 * Angles that are read from the side the client is seen from: shin and trunk against the plumb line,
 * thigh against level, the fold of knee and hip. In a small drawing only what the others follow from.
 */
function arcsFor(view: FigureView, posture: PostureReport, leg: Side, all: boolean): Arc[] {
  if (view !== 'left' && view !== 'right') return [];
  const [hip, knee, ankle] = [`hip-${leg}`, `knee-${leg}`, `ankle-${leg}`] as const;
  const { thighDeg, shinLeanDeg, kneeBendDeg, hipBendDeg, trunkLeanDeg } = posture;
  const thigh: Arc = { at: knee, toward: hip, from: 'level', deg: thighDeg[leg], radius: 110 };
  const main: Arc[] = [
    { at: ankle, toward: knee, from: 'up', deg: shinLeanDeg[leg], radius: 150 },
    { at: 'pelvis', toward: 'chest', from: 'up', deg: trunkLeanDeg, radius: 190 },
    // On nearly straight legs the fold of the knee says it.
    ...(thighDeg[leg] < UPRIGHT_THIGH_DEG ? [thigh] : []),
  ];
  const folds: Arc[] = [
    { at: knee, toward: ankle, from: hip, deg: 180 - kneeBendDeg[leg], radius: 70 },
    { at: hip, toward: 'chest', from: knee, deg: 180 - hipBendDeg[leg], radius: 70 },
  ];
  return all ? [...main, ...folds] : main;
}

/** Lengths of the drawing, in millimetres, that a line of `ink` is thick. */
export interface AngleArcsProps {
  readonly figure: DrawnFigure;
  readonly view: FigureView;
  readonly posture: PostureReport;
  /** The leg that is measured: the front one of a step, otherwise the nearer. */
  readonly leg: Side;
  readonly all: boolean;
  readonly ink: number;
  readonly palette: Palette;
}

type Place = readonly [x: number, y: number];

/** Direction in the picture, clockwise from straight up, in radians. */
const bearing = ([x, y]: Place, [tx, ty]: Place): number => Math.atan2(tx - x, y - ty);

/** From one bearing to another the shorter way round. */
const turnTo = (from: number, to: number): number =>
  Math.atan2(Math.sin(to - from), Math.cos(to - from));

const along = ([x, y]: Place, angle: number, far: number): Place => [
  x + far * Math.sin(angle),
  y - far * Math.cos(angle),
];

function bearings({ rings }: DrawnFigure, { at, toward, from }: Arc): [from: number, turn: number] {
  const end = bearing(rings[at], rings[toward]);
  const begin =
    from === 'up'
      ? 0
      : from === 'level'
        ? Math.sign(rings[toward][0] - rings[at][0]) * (Math.PI / 2)
        : bearing(rings[at], rings[from]);
  return [begin, turnTo(begin, end)];
}

/** Angles drawn as on a craftsman's drawing: a line to measure from, an arc and a number. */
export function AngleArcs({ figure, view, posture, leg, all, ink, palette }: AngleArcsProps) {
  return (
    <G>
      {arcsFor(view, posture, leg, all).map((arc) => (
        <OneArc
          key={`${arc.at}${arc.from}`}
          arc={arc}
          figure={figure}
          ink={ink}
          palette={palette}
        />
      ))}
    </G>
  );
}

type OneArcProps = Pick<AngleArcsProps, 'figure' | 'ink' | 'palette'> & { readonly arc: Arc };

function OneArc({ arc, figure, ink, palette }: OneArcProps) {
  const { at, from, deg, radius } = arc;
  const place = figure.rings[at];
  const [begin, turn] = bearings(figure, arc);
  const [start, end] = [along(place, begin, radius), along(place, begin + turn, radius)];
  const fromLine = from === 'up' || from === 'level' ? along(place, begin, radius * 1.12) : null;
  const label = along(place, begin + turn / 2, radius + ink * (from === 'up' ? 7 : 4.5));
  return (
    <G>
      {fromLine ? (
        <Line
          x1={place[0]}
          y1={place[1]}
          x2={fromLine[0]}
          y2={fromLine[1]}
          stroke={palette.accent}
          strokeWidth={ink * 0.5}
        />
      ) : null}
      <Path
        d={`M${start.join(' ')}A${radius} ${radius} 0 0 ${turn > 0 ? 1 : 0} ${end.join(' ')}`}
        fill="none"
        stroke={palette.accent}
        strokeWidth={ink * 0.7}
      />
      <Text
        x={label[0]}
        y={label[1] + ink * 2.4}
        fill={palette.accent}
        stroke={palette.paper}
        strokeWidth={ink * 1.6}
        // The number stands on a little paper of its own.
        {...{ paintOrder: 'stroke' }}
        fontSize={ink * (fromLine ? 8 : 6.5)}
        fontFamily="Besley"
        textAnchor="middle"
      >
        {`${Math.round(deg)}°`.replace('-', '−')}
      </Text>
    </G>
  );
}
