import type { CheckId } from './checks';
import type { FaultId } from './faults';
import type { ProbeId } from './probes';

/**
 * The part of the body that a fault itself points at: what a coach checks before going further afield. A
 * fault that points at no part in particular has no line.
 */
export const PARTS_OF_FAULTS: Readonly<Partial<Record<FaultId, readonly (CheckId | ProbeId)[]>>> = {
  'shin-stays-upright': ['ankle-bend-knee-bent', 'ankle-bend-knee-straight'],
  'heel-lifts': ['ankle-bend-knee-bent', 'ankle-bend-knee-straight', 'heels-up'],
  'foot-turns-out': ['ankle-bend-knee-bent', 'shin-turn-in'],
  'weight-to-outer-foot': ['big-toe-bend', 'foot-tripod'],
  'arch-drops': ['foot-tripod', 'ankle-bend-knee-bent'],
  'hips-slide': ['ankle-bend-knee-bent', 'one-heel-up'],
  'pelvis-tucks': ['hip-bend', 'brace'],
  'back-rounds': ['straight-leg-raise', 'brace'],
  'range-stops-early': ['straight-leg-raise', 'knee-straighten-90'],
  'overhead-folds': ['shoulder-raise', 'midback-turn', 'brace'],
  'pelvis-drops': ['side-hip-hold'],
  'rear-hip-stops': ['hip-extend', 'knee-bend', 'quad-length-hip-bent'],
  'rear-leg-bends': ['hip-extend', 'knee-bend', 'quad-length-hip-bent'],
  'knee-out-finish': ['kneecap-line', 'adductor-lift', 'hip-turn-in'],
  'thigh-off-calf': ['knee-bend'],
  'speed-lost': ['load-compare'],
};

/** How much sooner the part that a fault points at is asked about than its bits alone would have it. Ours. */
export const NAMED_PART = 4;
