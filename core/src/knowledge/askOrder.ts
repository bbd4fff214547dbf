import type { ApproachId } from './approaches';
import type { CheckId } from './checks';
import type { ProbeId } from './probes';

/** How much sooner an approach asks something than its bits alone would have it: 1 where not named. */
export type AskOrder = Readonly<Partial<Record<CheckId | ProbeId, number>>>;

const each = (weight: number, ...ids: (CheckId | ProbeId)[]): AskOrder =>
  Object.fromEntries(ids.map((id) => [id, weight]));

const TRUNK: (CheckId | ProbeId)[] = ['double-leg-lift', 'breath-low', 'brace'];
const ANKLE: CheckId[] = ['ankle-bend-knee-bent', 'ankle-bend-knee-straight', 'ankle-front-block'];
const KNEE: CheckId[] = ['shin-turn-in', 'shin-turn-out', 'knee-bend'];
const HIP: CheckId[] = ['hip-bend', 'hip-turn-in', 'hip-turn-out', 'hip-extend'];
const NERVE: CheckId[] = ['nerve-slump', 'knee-straighten-90', 'straight-leg-raise'];
const STRENGTH: CheckId[] = [
  'side-hip-hold',
  'bridge-hold',
  'knee-extend-strength',
  'adductor-lift',
  'heel-raises',
];
const SETUP: ProbeId[] = [
  'wider',
  'toes-out',
  'heels-up',
  'held-ahead',
  'arms-ahead',
  'slower',
  'shorter',
];

/** Which checks and probes come first in each school. Ours, from what each holds to be true. */
export const ASK_ORDER: Readonly<Record<ApproachId, AskOrder>> = {
  blended: { ...each(1.25, ...TRUNK), ...each(1.1, ...ANKLE, ...HIP) },
  'steady-first': each(2.5, ...TRUNK),
  'layer-by-layer': {
    ...each(2.5, 'breath-low'),
    ...each(1.8, ...ANKLE, ...KNEE, ...HIP),
    ...each(1.5, ...NERVE),
  },
  'time-in-position': each(1.6, ...ANKLE, ...KNEE, ...HIP, 'straight-leg-raise', 'floor-sit-turn'),
  'strength-through-range': each(1.8, ...STRENGTH),
  'ground-up': { ...each(2.5, ...ANKLE), ...each(1.8, ...KNEE), ...each(1.4, ...HIP) },
  'wake-and-go': each(
    2,
    'bridge-hold',
    'side-hip-hold',
    'hips-back-cue',
    'knees-out-cue',
    'target',
  ),
  'fit-the-movement': each(2.2, ...SETUP),
};
