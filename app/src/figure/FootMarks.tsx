import { SIDES } from '@taxikine/core/foundation/sides/side';
import { project, type Camera } from '@taxikine/core/body/skeleton/camera';
import type { Skeleton } from '@taxikine/core/body/skeleton/skeleton';
import { Circle, G, Text as SvgText } from 'react-native-svg';
import type { Palette } from '../ui/palette';
import { useText } from '../words/useText';
import type { Frame } from './frame';

/** Of the height of a drawing: the radius of a mark, and the room that marks take below the floor. */
const RADIUS = 0.055;
const ROOM = 2.6 * RADIUS;
/** Feet that stand closer than this, in metres as they are seen, need no word which is which. */
const APART_M = 0.3;

const placeOf = ({ heel, toe }: Skeleton['legs']['left'], camera: Camera): number =>
  (project(camera, heel)[0] + project(camera, toe)[0]) / 2;

/** Whether one foot is so far in front of the other that a drawing has to say which. */
export const areFeetApart = ({ legs }: Skeleton, camera: Camera): boolean =>
  Math.abs(placeOf(legs.left, camera) - placeOf(legs.right, camera)) > APART_M;

/** A frame with room for marks below its floor. */
export const withRoomForMarks = (frame: Frame): Frame => ({
  ...frame,
  height: frame.height * (1 + ROOM),
});

/** L and R in a ring below the feet, as on a ladder. */
export function FootMarks({
  skeleton,
  camera,
  frame,
  palette,
}: {
  skeleton: Skeleton;
  camera: Camera;
  /** Before it was given room. */
  frame: Frame;
  palette: Palette;
}) {
  const t = useText();
  const r = RADIUS * frame.height;
  const y = frame.top + frame.height + (ROOM * frame.height) / 2;
  return (
    <G>
      {SIDES.map((side) => {
        const x = placeOf(skeleton.legs[side], camera) * 1000;
        return (
          <G key={side}>
            <Circle
              cx={x}
              cy={y}
              r={r}
              fill={palette.paper}
              stroke={palette.accent}
              strokeWidth={r / 4}
            />
            <SvgText
              x={x}
              y={y + 0.42 * r}
              fontSize={1.2 * r}
              fontWeight="700"
              fontFamily="Atkinson Hyperlegible Next Variable"
              textAnchor="middle"
              fill={palette.ink}
            >
              {t(side).charAt(0).toUpperCase()}
            </SvgText>
          </G>
        );
      })}
    </G>
  );
}
