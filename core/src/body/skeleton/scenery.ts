import type { Vec3 } from '../../foundation/numeric/vector';
import { project, type Camera } from './camera';
import { SIDES } from '../../foundation/sides/side';
import type { Pose } from './pose';
import type { Skeleton } from './skeleton';

/** What a pose leans on. */
export const SCENERIES = ['wall', 'door-frame', 'seat', 'couch', 'block'] as const;
export type Scenery = (typeof SCENERIES)[number];

/** An upright face, or the edges of a block drawn in one line, as corners in metres. */
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

/** The edges of a block between two corners, so that it has an outline from every side. */
const block = ([x0, y0]: readonly number[], [x1, y1, z]: readonly number[]): Face => [
  [x0, y0, 0],
  [x0, y0, z],
  [x0, y1, z],
  [x0, y1, 0],
  [x1, y1, 0],
  [x1, y1, z],
  [x0, y1, z],
  [x1, y1, z],
  [x1, y0, z],
  [x0, y0, z],
];

const SEAT = { halfWidthM: 0.24, ahead: 0.55, behindM: 0.16 } as const;
const COUCH = { halfWidthM: 0.34, beyondHeadM: 0.1, pastHipM: 0.05 } as const;
/** From the middle of a lying or sitting pelvis down to what carries it, in shares of height. */
const UNDER_PELVIS = { lying: 0.062, sitting: 0.055 } as const;

/** Under the buttocks and half of the thighs. */
function seat({ pelvis, legs, body }: Skeleton): Face {
  const knee = Math.max(legs.left.knee[0], legs.right.knee[0]);
  const front = pelvis[0] + SEAT.ahead * (knee - pelvis[0]);
  const top = pelvis[2] - UNDER_PELVIS.sitting * body.heightM;
  return block([pelvis[0] - SEAT.behindM, -SEAT.halfWidthM], [front, SEAT.halfWidthM, top]);
}

/** Under the trunk and head, ending at the hips: a leg can hang over its edge. */
function couch({ pelvis, headTop, body }: Skeleton): Face {
  const top = pelvis[2] - UNDER_PELVIS.lying * body.heightM;
  return block(
    [headTop[0] - COUCH.beyondHeadM, -COUCH.halfWidthM],
    [pelvis[0] + COUCH.pastHipM, COUCH.halfWidthM, top],
  );
}

const BLOCK = {
  halfWidthM: 0.13,
  behindM: 0.08,
  aheadM: 0.05,
  leastM: 0.02,
  soleM: 0.015,
} as const;

/** Under the front foot, from the floor up to its sole. */
function footBlock({ legs }: Skeleton): Face {
  const [a, b] = SIDES.map((side) => legs[side]);
  const { heel, ball, toe } = a.toe[0] > b.toe[0] ? a : b;
  const top = Math.max(BLOCK.leastM, Math.min(ball[2], toe[2], heel[2]) - BLOCK.soleM);
  return block(
    [heel[0] - BLOCK.behindM, heel[1] - BLOCK.halfWidthM],
    [toe[0] + BLOCK.aheadM, heel[1] + BLOCK.halfWidthM, top],
  );
}

const FACES: Readonly<Record<Scenery, (skeleton: Skeleton) => Face>> = {
  wall,
  'door-frame': doorFrame,
  seat,
  couch,
  block: footBlock,
};

/** What the body leans on in a pose; null where it leans on nothing. */
export const maybeSceneryOf = ({ against }: Pose, skeleton: Skeleton): Face | null =>
  against ? FACES[against](skeleton) : null;

/** A face as SVG path data in millimetres; seen edge-on it is a single line. */
export const facePath = (camera: Camera, face: Face): string => {
  const corners = face.map((corner) => project(camera, corner).map((m) => Math.round(m * 1000)));
  return `M${corners.map((corner) => corner.join(' ')).join('L')}`;
};
