import type { DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { Circle, G, Path } from 'react-native-svg';
import type { Palette } from '../ui/palette';

const RINGS = [
  'shoulder-left',
  'shoulder-right',
  'elbow-left',
  'elbow-right',
  'hip-left',
  'hip-right',
  'knee-left',
  'knee-right',
  'ankle-left',
  'ankle-right',
] as const;

export interface FigureDrawingProps {
  readonly figure: DrawnFigure;
  readonly palette: Palette;
  /** Drawn as a shadow: the posture that another is held against. */
  readonly ghost?: boolean;
  /** Thickness of the ink, in millimetres of the drawing. */
  readonly ink?: number;
}

/** The flesh covers the inner half of its own ink: only the silhouette of each part is inked. */
const FLESH_OVER_INK = { paintOrder: 'stroke' };

/** The lay figure, farthest part first. */
export function FigureDrawing({ figure, palette, ghost = false, ink = 12 }: FigureDrawingProps) {
  if (ghost)
    return (
      <G opacity={0.3}>
        {figure.parts.map((part) => (
          <Path key={part.id} d={part.path} fill={palette.accent} />
        ))}
      </G>
    );
  return (
    <G>
      {figure.parts.map((part) => (
        <Path
          key={part.id}
          d={part.path}
          fill={palette.skin}
          stroke={palette.ink}
          strokeWidth={ink * 0.8}
          strokeLinejoin="round"
          {...FLESH_OVER_INK}
        />
      ))}
      {figure.faceLines.map((path) => (
        <Path
          key={path}
          d={path}
          fill="none"
          stroke={palette.ink}
          strokeWidth={ink * 0.45}
          strokeLinecap="round"
        />
      ))}
      {RINGS.map((ring) => {
        const [x, y] = figure.rings[ring];
        return (
          <Circle
            key={ring}
            cx={x}
            cy={y}
            r={ink * 1.3}
            fill={palette.raised}
            stroke={palette.ink}
            strokeWidth={ink * 0.55}
          />
        );
      })}
    </G>
  );
}
