import type { PoseId } from '../body/skeleton/poses';
import type { Side } from '../foundation/sides/side';
import type { CheckId } from './checks';

/** What a body does to seem to have more range than it has. */
export const CHEATS = [
  { id: 'pelvis', name: 'pelvis rolls' },
  { id: 'toe', name: 'big toe lifts' },
  { id: 'back', name: 'back arches' },
  { id: 'thigh', name: 'thigh drifts' },
] as const;
export type Cheat = (typeof CHEATS)[number]['id'];

/** What a number was read with. */
export const DEVICES = ['eye', 'tape', 'goniometer', 'phone inclinometer', 'simulated'] as const;
export type Device = (typeof DEVICES)[number];

/** From where the figure of a check is seen: from the measured side, from ahead, or half way. */
type GuideView = 'beside' | 'front' | 'quarter';

/** How a check is taken: what the figure shows, where the client goes, where the phone lies. */
export interface CheckGuide {
  readonly poses: readonly [start: PoseId, end: PoseId];
  /** The side that these poses measure. */
  readonly shows: Side;
  readonly view: GuideView;
  readonly place: string;
  /** Where an inclinometer is laid; null where no angle is read. */
  readonly lay: string | null;
  /** What the inclinometer reads: how far it tips, or how far it turns about the upright. */
  readonly reads: 'tilt' | 'turn';
  readonly cheats: readonly Cheat[];
}

const guide = (
  poses: CheckGuide['poses'],
  view: GuideView,
  place: string,
  lay: string | null = null,
  cheats: readonly Cheat[] = [],
): CheckGuide => ({
  poses,
  shows: 'left',
  view,
  place,
  lay,
  reads: lay?.includes('read the turn') ? 'turn' : 'tilt',
  cheats,
});

export const CHECK_GUIDES: Readonly<Record<CheckId, CheckGuide>> = {
  'ankle-bend-knee-bent': guide(
    ['half-kneeling', 'knee-forward'],
    'beside',
    'Half kneeling before a wall. Foot straight, knee over the second toe, heel heavy.',
    'Along the front of the shin, a hand below the knee.',
    ['toe'],
  ),
  'ankle-bend-knee-straight': guide(
    ['standing', 'back-leg-long'],
    'beside',
    'Hands on a wall, measured leg back, foot straight. Lean until the heel wants to go.',
    'Along the front of the back shin.',
    ['toe'],
  ),
  'ankle-front-block': guide(
    ['half-kneeling', 'knee-forward'],
    'beside',
    'Stay at the end of the knee-bent measure and ask.',
  ),
  'shin-turn-in': guide(
    ['seated', 'seated-shin-in'],
    'front',
    'Seated, foot under the knee, one hand on the thigh. Turn about the heel.',
    'Flat on the floor along the foot: read the turn.',
    ['toe', 'thigh'],
  ),
  'shin-turn-out': guide(
    ['seated', 'seated-shin-out'],
    'front',
    'Seated, foot under the knee, one hand on the thigh. Turn about the heel.',
    'Flat on the floor along the foot: read the turn.',
    ['toe', 'thigh'],
  ),
  'knee-bend': guide(
    ['lying-front', 'heel-to-buttock'],
    'beside',
    'Lying on the front, thighs together. Hand on the pelvis to feel it lift.',
    'Along the shin; set to zero with the leg straight.',
    ['pelvis', 'thigh'],
  ),
  'hip-bend': guide(
    ['lying-long', 'knee-to-chest'],
    'beside',
    'Lying on the back, other leg pressed long. Hand under the low back.',
    'Along the thigh; set to zero with the leg flat.',
    ['pelvis', 'back'],
  ),
  'hip-turn-in': guide(
    ['seated', 'seated-foot-out'],
    'front',
    'Seated tall, knee held in place. The foot swings out like a pendulum.',
    'Along the shin; set to zero where it hangs.',
    ['pelvis', 'thigh'],
  ),
  'hip-turn-out': guide(
    ['seated', 'seated-foot-in'],
    'front',
    'Seated tall, knee held in place. The foot swings in like a pendulum.',
    'Along the shin; set to zero where it hangs.',
    ['pelvis', 'thigh'],
  ),
  'hip-extend': guide(
    ['couch-edge', 'couch-edge'],
    'beside',
    'Tail bone at the edge, other knee held so that the back stays flat. Let the leg hang.',
    'Along the thigh; level is zero, below it counts.',
    ['pelvis', 'back', 'thigh'],
  ),
  'straight-leg-raise': guide(
    ['lying-long', 'left-leg-raised'],
    'beside',
    'Lying on the back, other leg long. Lift by the heel; stop when the pelvis rolls.',
    'Along the shin; set to zero with the leg flat.',
    ['pelvis', 'back'],
  ),
  'knee-straighten-90': guide(
    ['hip-square', 'hip-square-straightened'],
    'beside',
    'Lying on the back, thigh held upright. Straighten the knee.',
    'Along the shin; upright is zero, what is missing counts.',
    ['thigh', 'pelvis'],
  ),
  'floor-sit-turn': guide(
    ['floor-sit', 'soles-together'],
    'quarter',
    'Front and back floor sit, hands propping behind. Let the knee drop; stop when the pelvis goes.',
    'Along the shin; set to zero with the knee pointing up.',
    ['pelvis'],
  ),
  'double-leg-lift': guide(
    ['lying-long', 'legs-lifted'],
    'beside',
    'Lying on the back, one hand in the small of it. Both heels a hand high for three breaths.',
  ),
  'breath-low': guide(
    ['lying-back', 'lying-back'],
    'beside',
    'Lying, knees bent, one hand on the belly and one on the chest. Five breaths.',
  ),
  'one-leg-stand-bend': guide(
    ['one-leg-stand', 'one-leg-bend'],
    'front',
    'Barefoot, a wall in reach. Five slow bends to a third of depth.',
  ),
  'side-hip-hold': guide(
    ['upper-leg-resting', 'lying-side'],
    'front',
    'Lying on the other side, lower knee bent, pelvis square. Heel leads, toes level.',
    null,
    ['pelvis', 'thigh'],
  ),
  'bridge-hold': guide(
    ['lying-back', 'one-leg-bridge'],
    'beside',
    'On the back, foot a hand from the buttock. Lift, then straighten the other knee.',
    null,
    ['pelvis', 'back'],
  ),
  'knee-extend-strength': guide(
    ['seated-one-foot', 'one-leg-stand'],
    'beside',
    'From a seat at knee height, arms ahead, other foot off the floor. Two seconds each way.',
    null,
    ['thigh'],
  ),
  'adductor-lift': guide(
    ['lower-leg-resting', 'lower-leg-lifted'],
    'front',
    'Lying on the measured side, upper foot in front. Lower leg turned in, then lifted.',
    null,
    ['pelvis'],
  ),
  'heel-raises': guide(
    ['one-leg-stand', 'heel-raised'],
    'beside',
    'Fingertips on a wall, knee straight. One each two seconds, to full height.',
    null,
    ['thigh'],
  ),
  'midback-turn': guide(
    ['seated-crossed', 'seated-turned'],
    'quarter',
    'Seated, arms crossed, a cushion held between the knees.',
    'Flat between the shoulder blades: read the turn.',
    ['pelvis'],
  ),
  'shoulder-raise': guide(
    ['standing', 'arm-overhead'],
    'beside',
    'Back, ribs and head on a wall. Thumb leads, elbow straight.',
    'Along the upper arm; set to zero where it hangs.',
    ['back'],
  ),
  'nerve-slump': guide(
    ['slump', 'slump-head-up'],
    'beside',
    'Seated and slumped, knee straightened to the first feeling. Then only the head lifts.',
  ),
  'kneecap-line': guide(
    ['standing', 'standing'],
    'front',
    'Standing, feet straight and under the hips. Look from ahead.',
  ),
  'big-toe-bend': guide(
    ['standing', 'big-toe-lifted'],
    'beside',
    'Standing at ease, weight on both feet, heel and ball of the foot heavy.',
    'Along the top of the big toe.',
    ['toe'],
  ),
  'adductor-length': guide(
    ['lying-long', 'leg-led-out'],
    'front',
    'Lying, the other leg at the edge of the couch. Keep the toes up and the knee straight.',
    'Flat on the couch along the thigh: read the turn.',
    ['pelvis', 'thigh'],
  ),
  'quad-length-hip-bent': guide(
    ['side-hip-bent', 'side-heel-to-seat'],
    'beside',
    'Lying on the other side, thigh ahead at a right angle, pelvis still.',
    'Along the front of the shin.',
    ['pelvis', 'back'],
  ),
  'one-leg-balance': guide(
    ['standing', 'one-leg-stand'],
    'front',
    'Bare foot, beside a support that is not touched. Look at one point ahead.',
  ),
  'nerve-front-head': guide(
    ['side-curled', 'side-curled-head-back'],
    'beside',
    'Lying on the other side, lower knee held, chin down. Only the head moves.',
  ),
  'load-compare': guide(
    ['standing', 'squat'],
    'beside',
    'The same set-up as in the look, with half of what was carried.',
  ),
};

/** Centimetres from the great toe to the wall against degrees of shin (3.6° each, as commonly found). */
export const WALL_DEG_PER_CM = 3.6;
/** Standard error of a tape to the wall, in centimetres. */
export const WALL_SEM_CM = 0.6;

/** Checks that may be read as a distance to a wall, in centimetres. */
export const AT_THE_WALL: readonly CheckId[] = ['ankle-bend-knee-bent'];
