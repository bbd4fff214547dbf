import type { CauseId } from './causes';
import type { FlagId } from './flags';

export const FAMILIES = [
  'reset',
  'joint',
  'nerve',
  'tissue',
  'hold',
  'active',
  'wake',
  'strengthen',
  'pattern',
  'ladder',
  'fit',
] as const;
export type Family = (typeof FAMILIES)[number];

/** Expected drop in the odds that the cause still matters; words in, one table of numbers out. */
export type EffectSize = 'small' | 'medium' | 'large';

export type Dose =
  | {
      readonly by: 'reps';
      readonly reps: number;
      readonly sets: number;
      readonly secondsEach: number;
    }
  | { readonly by: 'hold'; readonly seconds: number; readonly sets: number }
  | { readonly by: 'breaths'; readonly breaths: number; readonly sets: number };

export type Kit = 'post' | 'wedge' | 'band' | 'wall' | 'mat' | 'weight';

export interface DrillRow {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  readonly targets: readonly { readonly cause: CauseId; readonly effect: EffectSize }[];
  /** Done on each side, or on the side of the cause only; `false` for the whole body. */
  readonly oneSided: boolean;
  readonly dose: Dose;
  readonly kit: readonly Kit[];
  readonly how: string;
  readonly feel: string;
  readonly stopIf: string;
  readonly easier: string;
  readonly harder: string;
  readonly excludedBy: readonly FlagId[];
}

const reps = (count: number, sets: number, secondsEach = 4): Dose => ({
  by: 'reps',
  reps: count,
  sets,
  secondsEach,
});
const hold = (seconds: number, sets: number): Dose => ({ by: 'hold', seconds, sets });
const breaths = (count: number, sets: number): Dose => ({ by: 'breaths', breaths: count, sets });

/** Starter library: at least one drill for every cause a squat can be traced to. */
export const DRILLS = [
  {
    id: 'low-breath-reset',
    name: 'Low breath, ribs down',
    family: 'reset',
    targets: [
      { cause: 'breath', effect: 'large' },
      { cause: 'trunk-hold', effect: 'medium' },
    ],
    oneSided: false,
    dose: breaths(5, 3),
    kit: ['mat'],
    how: 'Lie with the knees bent. Breathe into the belt line, let the ribs sink, keep the low back as it is.',
    feel: 'All round the waist',
    stopIf: 'dizzy, or the neck works',
    easier: 'Feet on a chair',
    harder: 'One leg raised slowly with the breath out',
    excludedBy: ['pregnancy'],
  },
  {
    id: 'quiet-back-heel-taps',
    name: 'Heel taps, quiet back',
    family: 'active',
    targets: [{ cause: 'trunk-hold', effect: 'large' }],
    oneSided: false,
    dose: reps(6, 2, 4),
    kit: ['mat'],
    how: 'On the back, hips and knees at a right angle. Tap one heel down while the low back stays as it is.',
    feel: 'Deep in the belly',
    stopIf: 'the low back lifts or aches',
    easier: 'Slide the heel instead of lifting it',
    harder: 'Reach the leg long',
    excludedBy: ['pregnancy'],
  },
  {
    id: 'knee-over-outer-toes',
    name: 'Knee over outer toes',
    family: 'joint',
    targets: [
      { cause: 'ankle-joint', effect: 'large' },
      { cause: 'calf-deep', effect: 'medium' },
    ],
    oneSided: true,
    dose: reps(12, 2, 4),
    kit: [],
    how: 'Half-kneeling, front foot flat. Drive the knee forward over the little toes, heel heavy, and come back.',
    feel: 'Deep in the ankle or low in the calf',
    stopIf: 'a squash at the front of the ankle, or the heel lifts',
    easier: 'Hand on a wall, smaller',
    harder: 'Weight on the knee',
    excludedBy: [],
  },
  {
    id: 'bent-knee-calf-wall',
    name: 'Bent-knee calf at the wall',
    family: 'hold',
    targets: [{ cause: 'calf-deep', effect: 'large' }],
    oneSided: true,
    dose: hold(45, 2),
    kit: ['wall'],
    how: 'Foot close behind, both knees bent, sink straight down over the back heel.',
    feel: 'Low in the calf',
    stopIf: 'a pull behind the knee, or tingling',
    easier: 'Less bend',
    harder: 'Ball of the foot on an edge',
    excludedBy: ['hypermobility'],
  },
  {
    id: 'straight-knee-calf-wall',
    name: 'Straight-knee calf at the wall',
    family: 'hold',
    targets: [{ cause: 'calf-long', effect: 'large' }],
    oneSided: true,
    dose: hold(45, 2),
    kit: ['wall'],
    how: 'Long step back, back knee straight, heel down, hips forward.',
    feel: 'Belly of the calf',
    stopIf: 'a line down the leg, or tingling',
    easier: 'Shorter step',
    harder: 'Heel slightly out, then slightly in',
    excludedBy: ['hypermobility'],
  },
  {
    id: 'point-and-pull',
    name: 'Point and pull, toes spread',
    family: 'active',
    targets: [
      { cause: 'ankle-joint', effect: 'medium' },
      { cause: 'foot-hold', effect: 'medium' },
      { cause: 'calf-long', effect: 'small' },
    ],
    oneSided: true,
    dose: reps(6, 2, 8),
    kit: [],
    how: 'Seated, leg long. Pull the foot up with the toes spread, hold the end, then point slowly.',
    feel: 'Front of the shin',
    stopIf: 'cramp that does not ease',
    easier: 'Knee bent',
    harder: 'Band round the foot',
    excludedBy: [],
  },
  {
    id: 'short-foot-stand',
    name: 'Short foot, standing',
    family: 'strengthen',
    targets: [
      { cause: 'foot-hold', effect: 'large' },
      { cause: 'hip-side-control', effect: 'small' },
    ],
    oneSided: true,
    dose: reps(8, 2, 6),
    kit: [],
    how: 'Draw the ball of the foot toward the heel without curling the toes. Hold, keep standing tall.',
    feel: 'Sole of the foot',
    stopIf: 'cramp',
    easier: 'Seated',
    harder: 'On one leg',
    excludedBy: [],
  },
  {
    id: 'seated-shin-turns',
    name: 'Seated shin turns',
    family: 'joint',
    targets: [{ cause: 'shin-turn-in', effect: 'large' }],
    oneSided: true,
    dose: reps(12, 2, 3),
    kit: [],
    how: 'Foot flat, hands hold the thigh. Turn the shin in with the big toe and heel down.',
    feel: 'Inside, below the knee',
    stopIf: 'a pull on the inner knee',
    easier: 'Hands turn the shin',
    harder: 'Hold the end, let go of the hands',
    excludedBy: [],
  },
  {
    id: 'hip-rock-back',
    name: 'Rock back, hips to heels',
    family: 'joint',
    targets: [{ cause: 'hip-bend', effect: 'large' }],
    oneSided: true,
    dose: reps(12, 2, 4),
    kit: ['mat'],
    how: 'On all fours, knee a little wide. Rock back while the low back stays long, only as far as it is free.',
    feel: 'Back of the hip opening',
    stopIf: 'a pinch at the front of the hip',
    easier: 'Smaller rock',
    harder: 'Hands on a low box',
    excludedBy: ['joint-replacement'],
  },
  {
    id: 'floor-sit-switches',
    name: 'Floor-sit switches',
    family: 'joint',
    targets: [
      { cause: 'hip-turn-in', effect: 'large' },
      { cause: 'hip-turn-out', effect: 'large' },
    ],
    oneSided: false,
    dose: reps(10, 2, 4),
    kit: ['mat'],
    how: 'Sit with wide feet, hands behind. Let both knees go to one side, then the other; the pelvis stays as long as it can.',
    feel: 'Deep in the hip',
    stopIf: 'the inner knee pulls, or a pinch',
    easier: 'Sit on a block',
    harder: 'Hands off the floor',
    excludedBy: ['joint-replacement'],
  },
  {
    id: 'active-hip-lift',
    name: 'Own-strength knee lift',
    family: 'active',
    targets: [
      { cause: 'hip-bend', effect: 'medium' },
      { cause: 'hip-turn-in', effect: 'small' },
    ],
    oneSided: true,
    dose: reps(6, 2, 6),
    kit: ['wall'],
    how: 'Standing tall, hand on a wall. Lift the knee as high as it goes, hold, let it down slowly.',
    feel: 'Front of the hip, working',
    stopIf: 'a pinch, or the back rounds',
    easier: 'Lower',
    harder: 'Band round the foot',
    excludedBy: [],
  },
  {
    id: 'straight-leg-lower',
    name: 'Leg-lower with a breath',
    family: 'active',
    targets: [
      { cause: 'hamstring-length', effect: 'large' },
      { cause: 'trunk-hold', effect: 'small' },
    ],
    oneSided: true,
    dose: reps(8, 2, 5),
    kit: ['mat'],
    how: 'Both legs up as far as they go, breathe out, lower one slowly and bring it back.',
    feel: 'Belly of the thigh',
    stopIf: 'behind the knee, tingling, or the back lifts',
    easier: 'Knees a little bent',
    harder: 'Slower',
    excludedBy: ['pregnancy'],
  },
  {
    id: 'leg-nerve-slide',
    name: 'Nerve slide, back of the leg',
    family: 'nerve',
    targets: [{ cause: 'nerve-back', effect: 'large' }],
    oneSided: true,
    dose: reps(10, 2, 3),
    kit: [],
    how: 'Seated. Straighten the knee as the head lifts, bend it as the head drops. Small and easy.',
    feel: 'Nothing at all: it slides',
    stopIf: 'any tingling or pull',
    easier: 'Half the way',
    harder: 'Never harder, only smoother',
    excludedBy: [],
  },
  {
    id: 'side-hip-lift',
    name: 'Side-hip lift',
    family: 'strengthen',
    targets: [
      { cause: 'hip-side-strength', effect: 'large' },
      { cause: 'hip-side-control', effect: 'medium' },
    ],
    oneSided: true,
    dose: reps(10, 2, 4),
    kit: ['mat'],
    how: 'On the side, upper leg long and a little behind. Lift without rolling back, lower slowly.',
    feel: 'Side of the buttock',
    stopIf: 'front of the hip takes over',
    easier: 'Knees bent',
    harder: 'Hold three seconds on top',
    excludedBy: [],
  },
  {
    id: 'slow-step-down',
    name: 'Slow step-down',
    family: 'strengthen',
    targets: [
      { cause: 'hip-side-control', effect: 'large' },
      { cause: 'quad-strength', effect: 'medium' },
      { cause: 'knee-guard', effect: 'medium' },
    ],
    oneSided: true,
    dose: reps(6, 2, 6),
    kit: ['post'],
    how: 'Stand on a low step, hand on a post. Sink until the other heel brushes the floor; knee over the second toe.',
    feel: 'Thigh and side of the hip',
    stopIf: 'the knee falls in or hurts',
    easier: 'Lower step',
    harder: 'No hand',
    excludedBy: [],
  },
  {
    id: 'bridge-press',
    name: 'Bridge press',
    family: 'wake',
    targets: [{ cause: 'hip-back-strength', effect: 'large' }],
    oneSided: false,
    dose: reps(8, 2, 4),
    kit: ['mat'],
    how: 'Lie with feet close, press the floor away, lift the pelvis level. Pause on top.',
    feel: 'Buttocks, not the back of the thigh',
    stopIf: 'cramp behind the thigh, or the back works',
    easier: 'Half the way up',
    harder: 'One leg',
    excludedBy: ['pregnancy'],
  },
  {
    id: 'post-squat-stay',
    name: 'Stay at the sticking point',
    family: 'pattern',
    targets: [
      { cause: 'balance-deep', effect: 'large' },
      { cause: 'pattern-unlearned', effect: 'large' },
      { cause: 'knee-guard', effect: 'small' },
    ],
    oneSided: false,
    dose: hold(30, 3),
    kit: ['post'],
    how: 'Hand on a post, go to the depth that is only just yours. Stay, breathe, take weight off the hand.',
    feel: 'Whole foot, even left and right',
    stopIf: 'pain of 3 or more',
    easier: 'Higher',
    harder: 'One finger, then none',
    excludedBy: [],
  },
  {
    id: 'squat-weight-ahead',
    name: 'Squat with a weight ahead',
    family: 'pattern',
    targets: [
      { cause: 'balance-deep', effect: 'medium' },
      { cause: 'pattern-unlearned', effect: 'medium' },
      { cause: 'hip-back-strength', effect: 'small' },
    ],
    oneSided: false,
    dose: reps(5, 3, 5),
    kit: ['weight'],
    how: 'Light weight at arm’s length. Sit between the heels, slowly, stay tall.',
    feel: 'Balance over mid-foot',
    stopIf: 'the back rounds or pain of 3 or more',
    easier: 'To a seat',
    harder: 'Less weight: the help fades',
    excludedBy: [],
  },
  {
    id: 'squat-to-target',
    name: 'Slow squat to a target',
    family: 'pattern',
    targets: [
      { cause: 'pattern-unlearned', effect: 'medium' },
      { cause: 'trunk-hold', effect: 'small' },
      { cause: 'quad-strength', effect: 'small' },
      { cause: 'hip-turn-in-strength', effect: 'small' },
    ],
    oneSided: false,
    dose: reps(5, 3, 6),
    kit: [],
    how: 'Touch a seat or a stack of books with the hips, four seconds down, no bounce, and stand.',
    feel: 'Even feet, chest and hips together',
    stopIf: 'pain of 3 or more',
    easier: 'Higher target',
    harder: 'Lower target',
    excludedBy: [],
  },
  {
    id: 'mid-back-turns',
    name: 'Mid-back turns on the side',
    family: 'joint',
    targets: [
      { cause: 'midback', effect: 'large' },
      { cause: 'shoulder-raise', effect: 'medium' },
    ],
    oneSided: true,
    dose: reps(8, 2, 5),
    kit: ['mat'],
    how: 'On the side, knees up and held. Open the upper arm across, eyes follow, breathe out at the end.',
    feel: 'Between the shoulder blades',
    stopIf: 'the knees lift off each other',
    easier: 'Cushion under the head',
    harder: 'Longer breath at the end',
    excludedBy: [],
  },
  {
    id: 'squeeze-and-turn',
    name: 'Squeeze and turn in',
    family: 'strengthen',
    targets: [
      { cause: 'hip-turn-in-strength', effect: 'large' },
      { cause: 'hip-turn-in', effect: 'small' },
    ],
    oneSided: true,
    dose: reps(8, 2, 5),
    kit: ['mat'],
    how: 'On the side, lower leg long and turned in. Lift it a hand high, hold, lower.',
    feel: 'Inner thigh',
    stopIf: 'the groin cramps',
    easier: 'Knee bent',
    harder: 'Hold five seconds',
    excludedBy: [],
  },
  {
    id: 'wider-toes-out',
    name: 'Wider stance, toes out',
    family: 'fit',
    targets: [
      { cause: 'long-thighs', effect: 'large' },
      { cause: 'hip-bend', effect: 'small' },
    ],
    oneSided: false,
    dose: reps(5, 2, 5),
    kit: [],
    how: 'Heels past the hips, toes out as the knees go. Same squat, a stance that fits this body.',
    feel: 'More upright at the same depth',
    stopIf: 'the knees fall inside the toes',
    easier: 'Less deep',
    harder: 'Same depth, slower',
    excludedBy: [],
  },
  {
    id: 'heels-on-a-wedge',
    name: 'Heels on a wedge',
    family: 'fit',
    targets: [
      { cause: 'long-thighs', effect: 'medium' },
      { cause: 'fixed-ankle', effect: 'large' },
      { cause: 'prosthesis', effect: 'medium' },
      { cause: 'ankle-joint', effect: 'small' },
    ],
    oneSided: false,
    dose: reps(5, 2, 5),
    kit: ['wedge'],
    how: 'Both heels on a wedge. Squat as before and keep the hips between the feet.',
    feel: 'Whole foot on the wedge',
    stopIf: 'front of the knee hurts',
    easier: 'Less deep',
    harder: 'Lower wedge',
    excludedBy: [],
  },
] as const satisfies readonly DrillRow[];

export type DrillId = (typeof DRILLS)[number]['id'];

const byId = new Map<string, DrillRow>(DRILLS.map((row) => [row.id, row]));

/** The row of a drill. Throws on an id that is not in the table. */
export function oneDrill(id: string): DrillRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown drill ${id}`);
  return row;
}
