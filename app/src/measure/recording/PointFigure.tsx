import type { Joint } from '@taxikine/core/records/recordings/joints';
import { isSideView } from '@taxikine/core/media/recording/upright';
import type { Side } from '@taxikine/core/foundation/sides/side';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import type { Shown } from './recordingApi';

interface Bone {
  readonly from: Joint;
  readonly to: Joint;
  /** Half-widths as shares of the standing height. */
  readonly thick: number;
  readonly thin: number;
}

const bonesOf = (side: Side): Bone[] => [
  { from: `${side}_hip`, to: `${side}_knee`, thick: 0.042, thin: 0.028 },
  { from: `${side}_knee`, to: `${side}_ankle`, thick: 0.028, thin: 0.018 },
  { from: `${side}_heel`, to: `${side}_big_toe`, thick: 0.016, thin: 0.01 },
  { from: `${side}_shoulder`, to: `${side}_wrist`, thick: 0.02, thin: 0.013 },
];

const RINGS: readonly Joint[] = [
  'left_hip',
  'left_knee',
  'left_ankle',
  'right_hip',
  'right_knee',
  'right_ankle',
  'left_shoulder',
  'right_shoulder',
];

interface Place {
  readonly x: number;
  readonly y: number;
}

/** The outline of a limb that narrows from one joint to the other. */
function limb(a: Place, b: Place, thick: number, thin: number): string {
  const angle = Math.atan2(b.y - a.y, b.x - a.x);
  const [nx, ny] = [-Math.sin(angle), Math.cos(angle)];
  const at = (p: Place, r: number) => `${p.x + r * nx} ${p.y + r * ny}`;
  return (
    `M${at(a, thick)}L${at(b, thin)}A${thin} ${thin} 0 0 0 ${at(b, -thin)}` +
    `L${at(a, -thick)}A${thick} ${thick} 0 0 0 ${at(a, thick)}Z`
  );
}

/** Flesh is so much broader than the hip joints are apart, and hangs so far below them. */
const HIP_BREADTH = 1.75;
const SEAT = 0.08;

/** A trunk seen from the front or behind: broad shoulders that slope, a waist, and hips with a seat below. */
function torso(left: Place, right: Place, jointLeft: Place, jointRight: Place): string {
  const pelvis = between(jointLeft, jointRight, 0.5);
  const [hipLeft, hipRight] = [jointLeft, jointRight].map((at) => between(pelvis, at, HIP_BREADTH));
  const seat = between(between(left, right, 0.5), pelvis, 1 + 2 * SEAT);
  const neck = between(between(left, right, 0.5), between(hipLeft, hipRight, 0.5), -0.12);
  const waist = (shoulder: Place, hip: Place, other: Place) =>
    between(between(shoulder, hip, 0.62), other, 0.16);
  const [waistLeft, waistRight] = [waist(left, hipLeft, right), waist(right, hipRight, left)];
  return (
    `M${left.x} ${left.y}Q${neck.x} ${neck.y} ${right.x} ${right.y}` +
    `Q${waistRight.x} ${waistRight.y} ${hipRight.x} ${hipRight.y}` +
    `Q${seat.x} ${seat.y} ${hipLeft.x} ${hipLeft.y}` +
    `Q${waistLeft.x} ${waistLeft.y} ${left.x} ${left.y}Z`
  );
}

export interface PointFigureProps {
  readonly shown: Shown;
  readonly step: number;
  readonly width: number;
  readonly height: number;
  readonly label: string;
}

/** Room for all of the movement, in the points' own unit. */
function roomOf({ points }: Shown) {
  const all = Object.values(points);
  const ends = (of: (one: { x: Float32Array; z: Float32Array }) => Float32Array) => {
    let [least, most] = [Infinity, -Infinity];
    for (const one of all)
      for (const value of of(one)) {
        if (value < least) least = value;
        if (value > most) most = value;
      }
    return [least, most] as const;
  };
  const [left, right] = ends(({ x }) => x);
  const [low, high] = ends(({ z }) => z);
  const tall = (high - low) * 1.22;
  return { left: (left + right) / 2 - tall * 0.5, low: low - tall * 0.03, tall };
}

/** The recorded body at one moment: limbs between the points, rings at the joints. */
export function PointFigure({ shown, step, width, height, label }: PointFigureProps) {
  const palette = usePalette();
  const { view } = shown.analysis;
  // The points face right, or turn their left side to the right; the picture is as the camera saw it.
  const mirror = view === 'left' || view === 'back' ? -1 : 1;
  const near: Side = view === 'left' ? 'left' : 'right';
  const room = useMemo(() => roomOf(shown), [shown]);
  const scale = Math.min(width, height) / room.tall;
  const place = (joint: Joint): Place | null => {
    const path = shown.points[joint];
    if (!path) return null;
    return {
      x: width / 2 + mirror * (path.x[step] - room.left - room.tall * 0.5) * scale,
      y: height - (path.z[step] - room.low) * scale,
    };
  };
  const half = (a: Place | null, b: Place | null): Place | null =>
    a && b ? { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 } : (a ?? b);
  const hips = half(place('left_hip'), place('right_hip'));
  const chest = half(place('left_shoulder'), place('right_shoulder'));
  const size = room.tall * scale;
  const ink = { stroke: palette.ink, strokeWidth: 1.6, fill: palette.skin };
  const head = hips && chest ? headOver(hips, chest, size) : null;
  const [left, right] = [place('left_shoulder'), place('right_shoulder')];
  const [hipLeft, hipRight] = [place('left_hip'), place('right_hip')];
  return (
    <View role="img" aria-label={label} width={width} height={height}>
      <Svg width={width} height={height}>
        <Line
          x1={0}
          x2={width}
          y1={height - room.tall * 0.03 * scale + 4}
          y2={height - room.tall * 0.03 * scale + 4}
          stroke={palette.rule}
          strokeWidth={1.5}
        />
        <G>
          {[...bonesOf(near === 'left' ? 'right' : 'left'), ...bonesOf(near)].map((bone) => {
            const [a, b] = [place(bone.from), place(bone.to)];
            return a && b ? (
              <Path key={bone.from} d={limb(a, b, bone.thick * size, bone.thin * size)} {...ink} />
            ) : null;
          })}
          {left && right && hipLeft && hipRight ? (
            <Path
              d={
                Math.abs(left.x - right.x) > 0.06 * size
                  ? torso(left, right, hipLeft, hipRight)
                  : limb(chest!, hips!, 0.068 * size, 0.056 * size)
              }
              {...ink}
              strokeLinejoin="round"
            />
          ) : null}
          {head && chest ? (
            <>
              <Path
                d={limb(between(chest, head, 0.45), head, 0.03 * size, 0.026 * size)}
                {...ink}
              />
              <Path d={face(head, 0.056 * size, isSideView(view) ? mirror : 0)} {...ink} />
            </>
          ) : null}
          {RINGS.map((joint) => {
            const at = place(joint);
            return at ? (
              <Circle
                key={joint}
                cx={at.x}
                cy={at.y}
                r={3.5}
                fill={palette.paper}
                stroke={palette.accent}
                strokeWidth={1.6}
              />
            ) : null;
          })}
        </G>
      </Svg>
    </View>
  );
}

const between = (a: Place, b: Place, part: number): Place => ({
  x: a.x + part * (b.x - a.x),
  y: a.y + part * (b.y - a.y),
});

/** A head; from the side with a nose to the picture's right (1) or left (−1). */
function face({ x, y }: Place, r: number, nose: 1 | -1 | 0): string {
  const wide = r * 0.86;
  const round = `M${x - wide} ${y}A${wide} ${r * 1.1} 0 1 1 ${x + wide} ${y}A${wide} ${r * 1.1} 0 1 1 ${x - wide} ${y}Z`;
  if (nose === 0) return round;
  const tip = `${x + nose * r * 1.14} ${y + r * 0.28}`;
  return `${round}M${x + nose * wide} ${y - r * 0.05}L${tip}L${x + nose * r * 0.8} ${y + r * 0.4}`;
}

/** The head goes on in line with the trunk, looking up a little. */
function headOver(hips: Place, chest: Place, size: number): Place {
  const [dx, dy] = [chest.x - hips.x, chest.y - hips.y];
  const length = Math.hypot(dx, dy) || 1;
  const far = 0.115 * size;
  return {
    x: chest.x + (far * dx * 0.75) / length,
    y: chest.y + far * Math.min(-0.35, dy / length),
  };
}
