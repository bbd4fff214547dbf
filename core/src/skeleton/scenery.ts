import type { Vec3 } from '../numeric/vector';
import { project, type Camera } from './camera';
import { SIDES } from '../sides/side';
import type { Pose } from './pose';
import type { Skeleton } from './skeleton';

/** What a pose leans on. */
export const SCENERIES = ['wall', 'door-frame'] as const;
export type Scenery = (typeof SCENERIES)[number];

/** An upright face, as its corners in metres. */
export type Face = readonly Vec3[];

const WALL = { halfWidthM: 0.55, heightM: 2 } as const;
const FRAME = { halfWidthM: 0.05, heightM: 1.9 } as const;

const upright = (x: number, y: number, halfWidthM: number, heightM: number): Face => [
  [x, y - halfWidthM, 0],
  [x, y - halfWidthM, heightM],
  [x, y + halfWidthM, heightM],
  [x, y + halfWidthM, 0],
];

/** Just beyond the farthest hand. */
function wall({ arms, pelvis }: Skeleton): Face {
  const reach = SIDES.flatMap((side) => [arms[side].fingertip[0], arms[side].wrist[0]]);
  return upright(Math.max(...reach), pelvis[1], WALL.halfWidthM, WALL.heightM);
}

/** Under the heel of the raised leg. */
function doorFrame({ legs }: Skeleton): Face {
  const raised = SIDES.map((side) => legs[side].heel).reduce((a, b) => (a[2] > b[2] ? a : b));
  return upright(raised[0], raised[1], FRAME.halfWidthM, FRAME.heightM);
}

const FACES: Readonly<Record<Scenery, (skeleton: Skeleton) => Face>> = {
  wall,
  'door-frame': doorFrame,
};

/** What the body leans on in a pose; null where it leans on nothing. */
export const maybeSceneryOf = ({ against }: Pose, skeleton: Skeleton): Face | null =>
  against ? FACES[against](skeleton) : null;

/** A face as SVG path data in millimetres; seen edge-on it is a single line. */
export const facePath = (camera: Camera, face: Face): string => {
  const corners = face.map((corner) => project(camera, corner).map((m) => Math.round(m * 1000)));
  return `M${corners.map((corner) => corner.join(' ')).join('L')}`;
};
