import type { DrillId } from './drills';

/** Drills of one idea, the easiest first: a step down when it hurts, a step up when it is owned. */
export interface DrillChain {
  readonly id: string;
  readonly name: string;
  readonly drills: readonly [DrillId, DrillId, ...DrillId[]];
}

/** A drill stands in one chain at most. */
export const DRILL_CHAINS: readonly DrillChain[] = [
  {
    id: 'held-trunk',
    name: 'A trunk that holds',
    drills: [
      'low-breath-reset',
      'breath-on-hands-and-knees',
      'breath-then-leg',
      'quiet-back-heel-taps',
    ],
  },
  {
    id: 'ankle-bend',
    name: 'An ankle that bends',
    drills: ['point-and-pull', 'knee-over-outer-toes'],
  },
  {
    id: 'shin-turns',
    name: 'A shin that turns',
    drills: ['seated-shin-turns', 'own-strength-shin-turns'],
  },
  {
    id: 'hip-turns',
    name: 'Hips that turn',
    drills: ['seated-leg-turns', 'floor-sit-switches', 'floor-sit-fold'],
  },
  {
    id: 'hip-front',
    name: 'The front of the hip',
    drills: ['kneeling-hip-glide', 'kneeling-hip-front-hold', 'front-thigh-half-kneeling'],
  },
  {
    id: 'leg-raise',
    name: 'A leg that rises',
    drills: ['one-leg-end-lift', 'straight-leg-lower', 'long-leg-reach'],
  },
  {
    id: 'inner-thigh-length',
    name: 'Room between the thighs',
    drills: ['soles-together-tall', 'soles-together-press', 'side-shift-squat-stance'],
  },
  {
    id: 'bridge',
    name: 'Bridges',
    drills: ['bridge-press', 'bridge-knees-out', 'one-leg-bridge'],
  },
  {
    id: 'side-hip',
    name: 'The side of the hip',
    drills: ['side-hip-lift', 'tall-march', 'slow-step-down'],
  },
  {
    id: 'inner-thigh-strength',
    name: 'Inner-thigh strength',
    drills: ['squeeze-and-turn', 'inner-thigh-lift'],
  },
  {
    id: 'deep-squat',
    name: 'The squat, fading help',
    drills: ['squat-to-target', 'squat-weight-ahead', 'post-squat-stay', 'resting-deep-squat'],
  },
  {
    id: 'split',
    name: 'The split squat, fading help',
    drills: ['split-small-and-tall', 'split-with-a-hand', 'front-foot-high-split'],
  },
  {
    id: 'hinge',
    name: 'The hinge',
    drills: ['hinge-to-wall', 'hinge-along-stick'],
  },
];

const placeOf = (id: DrillId): { chain: DrillChain; at: number } | null => {
  const chain = DRILL_CHAINS.find(({ drills }) => drills.includes(id));
  return chain ? { chain, at: chain.drills.indexOf(id) } : null;
};

const neighbour = (id: DrillId, by: -1 | 1): DrillId | null => {
  const place = placeOf(id);
  return place?.chain.drills[place.at + by] ?? null;
};

/** The drill one step down its chain; null at the bottom, or where there is no chain. */
export const easierDrill = (id: DrillId): DrillId | null => neighbour(id, -1);

/** The drill one step up its chain; null at the top, or where there is no chain. */
export const harderDrill = (id: DrillId): DrillId | null => neighbour(id, 1);
