import type { Body } from '../segments/body';
import {
  add,
  between,
  cross,
  perpendicular,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../../foundation/numeric/vector';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { clamp } from '../../foundation/numeric/safety';
import { PELVIS_OF_TRUNK } from '../segments/segmentTable';
import { BALL_AHEAD } from '../solver/feet';
import type { Skeleton } from './skeleton';

/** An elliptical slice through a part of the body: centre and two half-axes, in metres. */
export interface Slice {
  readonly centre: Vec3;
  readonly across: Vec3;
  readonly through: Vec3;
}

/** One part of the drawn body, as slices from end to end. */
export interface Part {
  readonly id: string;
  readonly slices: readonly Slice[];
}

/** Place along the bone, half-width and half-depth as fractions of height, shift to the front. */
type Profile = readonly (readonly [t: number, across: number, through: number, ahead?: number])[];

const THIGH: Profile = [
  [-0.1, 0.03, 0.034],
  [0, 0.047, 0.052],
  [0.2, 0.05, 0.054, 0.004],
  [0.5, 0.043, 0.047, 0.005],
  [0.8, 0.034, 0.036, 0.002],
  [1, 0.03, 0.032],
  [1.05, 0.022, 0.024],
];
const SHANK: Profile = [
  [-0.06, 0.022, 0.024],
  [0, 0.029, 0.031],
  [0.15, 0.029, 0.032, -0.005],
  [0.32, 0.03, 0.034, -0.008],
  [0.6, 0.023, 0.025, -0.005],
  [0.88, 0.0165, 0.018],
  [1, 0.018, 0.019],
  [1.06, 0.013, 0.014],
];
const UPPER_ARM: Profile = [
  [-0.12, 0.012, 0.014],
  [0, 0.026, 0.029],
  [0.2, 0.027, 0.029],
  [0.6, 0.022, 0.023],
  [1, 0.018, 0.019],
];
const FOREARM: Profile = [
  [-0.05, 0.015, 0.016],
  [0.05, 0.019, 0.019],
  [0.3, 0.02, 0.019],
  [0.75, 0.014, 0.0125],
  [1, 0.0125, 0.0105],
];
const HAND: Profile = [
  [-0.06, 0.0105, 0.009],
  [0.25, 0.019, 0.009],
  [0.5, 0.021, 0.008],
  [0.8, 0.016, 0.006],
  [1, 0.007, 0.0035],
];
const TORSO: Profile = [
  [-0.2, 0.03, 0.03],
  [-0.14, 0.062, 0.05, -0.004],
  [-0.02, 0.092, 0.064, -0.01],
  [0.12, 0.09, 0.062, -0.006],
  [0.38, 0.071, 0.052, 0.002],
  [0.66, 0.085, 0.06, 0.004],
  [0.86, 0.1, 0.06, 0.002],
  [0.98, 0.104, 0.046, -0.002],
  [1.05, 0.075, 0.034, -0.004],
  [1.1, 0.038, 0.028, -0.004],
];
const NECK: Profile = [
  [0.02, 0.036, 0.03, -0.002],
  [0.14, 0.031, 0.031, -0.001],
  [0.34, 0.029, 0.031, 0.002],
  [0.5, 0.029, 0.031, 0.004],
];

/**
 * Slices along a bone. `left` is the width axis before it is squared with the bone; for a bone that
 * runs downward pass its opposite, so that "ahead" stays the front of the body.
 */
function along(from: Vec3, to: Vec3, left: Vec3, profile: Profile, heightM: number): Slice[] {
  const axis = unit(subtract(to, from));
  const across = perpendicular(left, axis, [0, 1, 0]);
  const front = cross(across, axis);
  return profile.map(([t, a, b, ahead = 0]) => ({
    centre: add(between(from, to, t), scale(front, ahead * heightM)),
    across: scale(across, a * heightM),
    through: scale(front, b * heightM),
  }));
}

/** Sole on the floor: half-heights also say how far the slice's middle is off it. */
const FOOT: readonly (readonly [ahead: number, across: number, halfHeight: number])[] = [
  [-0.235, 0.009, 0.011],
  [-0.19, 0.0165, 0.017],
  [-0.05, 0.0185, 0.0215],
  [0.12, 0.0195, 0.0205],
  [0.3, 0.0225, 0.0155],
  [0.47, 0.026, 0.0115],
  [0.62, 0.0235, 0.0085],
  [0.72, 0.013, 0.0055],
];

/** Behind the ball the foot moves as one; ahead of it the toes stay where they point. */
function footSlices(body: Body, skeleton: Skeleton, side: Side): Slice[] {
  const { ball, footForward, footUp, toeForward } = skeleton.legs[side];
  const { footM } = body.sides[side];
  const across = unit(cross(footUp, footForward), [0, 1, 0]);
  return FOOT.map(([ahead, a, half]) => {
    const toes = ahead > BALL_AHEAD;
    const along = toes ? toeForward : footForward;
    const up = toes ? unit(cross(toeForward, across), footUp) : footUp;
    const sole = add(ball, scale(along, (ahead - BALL_AHEAD) * footM));
    return {
      centre: add(sole, scale(up, half * body.heightM)),
      across: scale(across, a * body.heightM),
      through: scale(up, half * body.heightM),
    };
  });
}

/** Slices of an ellipsoid with the given half-axes; `chin` narrows its lower half. */
function egg(middle: Vec3, left: Vec3, front: Vec3, up: Vec3, chin = 0): Slice[] {
  return [-0.97, -0.85, -0.6, -0.3, 0, 0.3, 0.6, 0.85, 0.97].map((t) => {
    const round = Math.sqrt(1 - t * t) * (t < 0 ? 1 + chin * t : 1);
    return {
      centre: add(middle, add(scale(up, t), scale(front, t < 0 ? -0.9 * chin * t : 0))),
      across: scale(left, round),
      through: scale(front, round),
    };
  });
}

/** Head, nose and ears; the jaw is narrower than the crown and a little ahead of it. */
function headParts(body: Body, skeleton: Skeleton): Part[] {
  const { front, left, up, middle } = headFrame(body, skeleton);
  const h = body.heightM;
  const at = (ahead: number, rise: number, sideways = 0) =>
    add(middle, add(add(scale(front, ahead * h), scale(up, rise * h)), scale(left, sideways * h)));
  const size = (across: number, through: number, tall: number) =>
    [scale(left, across * h), scale(front, through * h), scale(up, tall * h)] as const;
  return [
    { id: 'head', slices: egg(middle, ...size(0.0455, 0.056, 0.068), 0.16) },
    { id: 'nose', slices: egg(at(0.056, -0.008), ...size(0.0055, 0.0075, 0.0125)) },
    ...SIDES.map((side) => ({
      id: `ear-${side}`,
      slices: egg(at(-0.006, -0.004, signOf(side) * 0.0445), ...size(0.0045, 0.0085, 0.0145)),
    })),
  ];
}

/** Axes and middle of the head; the face is where `front` points. */
export function headFrame(body: Body, { chest, headTop, trunkLeft }: Skeleton) {
  const up = unit(subtract(headTop, chest));
  const left = perpendicular(trunkLeft, up, [0, 1, 0]);
  return {
    up,
    left,
    front: cross(left, up),
    middle: add(headTop, scale(up, -0.068 * body.heightM)),
  };
}

/** A foot by itself. */
export const footPart = (body: Body, skeleton: Skeleton, side: Side): Part => ({
  id: `foot-${side}`,
  slices: footSlices(body, skeleton, side),
});

function legParts(body: Body, skeleton: Skeleton, side: Side): Part[] {
  const { hip, knee, ankle, hinge } = skeleton.legs[side];
  const h = body.heightM;
  const toRight = scale(hinge, -1);
  return [
    { id: `thigh-${side}`, slices: along(hip, knee, toRight, THIGH, h) },
    { id: `shank-${side}`, slices: along(knee, ankle, toRight, SHANK, h) },
    footPart(body, skeleton, side),
  ];
}

function armParts(body: Body, skeleton: Skeleton, side: Side): Part[] {
  const { shoulder, elbow, wrist, fingertip } = skeleton.arms[side];
  const h = body.heightM;
  const inward = skeleton.trunkLeft;
  const palm = unit(cross(subtract(fingertip, wrist), inward), [0, 0, 1]);
  return [
    { id: `upper-arm-${side}`, slices: along(shoulder, elbow, inward, UPPER_ARM, h) },
    { id: `forearm-${side}`, slices: along(elbow, wrist, inward, FOREARM, h) },
    { id: `hand-${side}`, slices: along(wrist, fingertip, palm, HAND, h) },
  ];
}

/** How far to either side of the low back the drawn trunk bends, as a share of its length. */
const BENDS_OVER = 0.2;
const LOW_BACK_AT = PELVIS_OF_TRUNK;

/** Pelvis, low back and chest as one: straight at both ends, and round where the low back bends. */
function torsoSlices(body: Body, skeleton: Skeleton): Slice[] {
  const { pelvis, lowBack, pelvisUp, trunkUp, trunkLeft } = skeleton;
  const { trunkM, heightM } = body;
  const onPelvis = (t: number) => add(pelvis, scale(pelvisUp, t * trunkM));
  const onChest = (t: number) => add(lowBack, scale(trunkUp, (t - LOW_BACK_AT) * trunkM));
  return TORSO.map(([t, a, b, ahead = 0]) => {
    const upper = clamp((t - LOW_BACK_AT + BENDS_OVER) / (2 * BENDS_OVER), 0, 1);
    const axis = unit(between(pelvisUp, trunkUp, upper));
    const across = perpendicular(trunkLeft, axis, [0, 1, 0]);
    const front = cross(across, axis);
    const centre = between(onPelvis(t), onChest(t), upper);
    return {
      centre: add(centre, scale(front, ahead * heightM)),
      across: scale(across, a * heightM),
      through: scale(front, b * heightM),
    };
  });
}

/** The body in the round: every part as slices, from which any camera can draw it. */
export function fleshOf(body: Body, skeleton: Skeleton): Part[] {
  const { chest, headTop, trunkLeft } = skeleton;
  const h = body.heightM;
  return [
    { id: 'torso', slices: torsoSlices(body, skeleton) },
    { id: 'neck', slices: along(chest, headTop, trunkLeft, NECK, h) },
    ...headParts(body, skeleton),
    ...SIDES.flatMap((side) => [
      ...legParts(body, skeleton, side),
      ...armParts(body, skeleton, side),
    ]),
  ];
}
