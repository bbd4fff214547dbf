import type { FaultId } from './faults';
import type { Pattern } from '../body/stance/patterns';
import type { Setup } from '../body/stance/setup';

/** The look in which a fault was seen. */
export interface SeenIn {
  readonly pattern: Pattern;
  readonly setup: Pick<Setup, 'depthAimDeg'>;
}

/** From where on a number is a departure at all, in the fault's own unit. */
export interface FaultSize {
  readonly begins: number | ((look: SeenIn) => number);
  /** The lower the number, the larger the fault. */
  readonly less?: true;
}

/**
 * The edge of what is usual for every fault that carries a number: how far beyond it the eye has read is
 * what the number says. Ours, from what usual bodies do in these patterns.
 */
export const FAULT_SIZES: Readonly<Partial<Record<FaultId, FaultSize>>> = {
  'shin-stays-upright': { begins: 30, less: true },
  'heel-lifts': { begins: 0 },
  'foot-turns-out': { begins: 0 },
  'knee-in': { begins: 0 },
  'knees-lead': { begins: 60 },
  'load-drifts': { begins: 0 },
  'bends-knees-instead': { begins: 25 },
  'rear-leg-bends': { begins: 15 },
  'thigh-off-calf': { begins: 0 },
  'depth-short': { begins: ({ setup }) => setup.depthAimDeg ?? 0 },
  'trunk-folds': { begins: ({ pattern }) => (pattern === 'squat' ? 35 : 12) },
  'hips-slide': { begins: 0 },
  'pelvis-turns': { begins: 0 },
  'pelvis-tucks': { begins: 4 },
  'trunk-side-bends': { begins: 0 },
  'back-arches': { begins: 0 },
  'hips-rise-first': { begins: 3 },
  'overhead-folds': { begins: 2 },
  'pelvis-drops': { begins: 0 },
  'back-rounds': { begins: 2 },
  'range-stops-early': { begins: 80, less: true },
  'speed-lost': { begins: 10 },
  'rear-hip-stops': { begins: 10, less: true },
};
