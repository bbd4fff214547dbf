import { G, Line, Path } from 'react-native-svg';
import { LENGTH_TO_HEIGHT } from '@taxikine/core/body/segments/segmentTable';
import type { View } from '@taxikine/core/body/stance/patterns';
import type { Palette } from '../ui/palette';
import type { Facing, Frame } from './frame';

/** Middle of the foot from the side, in millimetres ahead of the ankle; the middle of the stance otherwise. */
const plumbAt = (view: View, heightM: number, facing: Facing): number =>
  view === 'side' && facing === 0 ? 0.25 * LENGTH_TO_HEIGHT.footM * heightM * 1000 : 0;

export interface GroundProps {
  readonly frame: Frame;
  readonly view: View;
  readonly heightM: number;
  /** In a step the plumb line is between the feet. */
  readonly facing: Facing;
  readonly palette: Palette;
}

/** Floor line, and the plumb line that the body is held against. */
export function Ground({ frame, view, heightM, facing, palette }: GroundProps) {
  const plumb = plumbAt(view, heightM, facing);
  return (
    <G>
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
      <Path d={`M${plumb - 22} 22L${plumb + 22} 22L${plumb} 60Z`} fill={palette.ink} />
    </G>
  );
}
