import type { PoseId } from '../skeleton/poses';
import type { DrillId } from './drills';

/** Start and end of each drill as the figure shows it; the same twice where nothing moves. */
export const DRILL_POSES: Readonly<Record<DrillId, readonly [start: PoseId, end: PoseId]>> = {
  'low-breath-reset': ['lying-back', 'lying-back'],
  'quiet-back-heel-taps': ['lying-back', 'lying-back'],
  'knee-over-outer-toes': ['half-kneeling', 'split'],
  'bent-knee-calf-wall': ['wall-stretch', 'wall-stretch'],
  'straight-knee-calf-wall': ['wall-stretch', 'wall-stretch'],
  'point-and-pull': ['lying-straight-leg', 'lying-straight-leg'],
  'short-foot-stand': ['standing', 'standing'],
  'seated-shin-turns': ['half-kneeling', 'half-kneeling'],
  'hip-rock-back': ['all-fours', 'rock-back'],
  'floor-sit-switches': ['floor-sit', 'soles-together'],
  'active-hip-lift': ['standing', 'knee-up'],
  'straight-leg-lower': ['lying-straight-leg', 'lying-back'],
  'leg-nerve-slide': ['lying-back', 'lying-straight-leg'],
  'side-hip-lift': ['lying-side', 'lying-side'],
  'slow-step-down': ['standing', 'lunge'],
  'bridge-press': ['lying-back', 'bridge'],
  'post-squat-stay': ['standing', 'squat'],
  'squat-weight-ahead': ['standing', 'squat'],
  'squat-to-target': ['standing', 'squat'],
  'mid-back-turns': ['all-fours', 'all-fours'],
  'squeeze-and-turn': ['lying-back', 'lying-back'],
  'wider-toes-out': ['standing', 'squat'],
  'heels-on-a-wedge': ['standing', 'squat'],
};
