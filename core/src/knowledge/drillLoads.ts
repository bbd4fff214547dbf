import type { DrillLoad } from './drillLoad';
import type { DrillId } from './drills';

type Rest = Partial<Omit<DrillLoad, 'joints' | 'carries' | 'on'>>;
type Joints = DrillLoad['joints'];

const load =
  (on: DrillLoad['on'], carries: DrillLoad['carries']) =>
  (joints: Joints, rest: Rest = {}): DrillLoad => ({ on, carries, joints, back: 'still', ...rest });

const seated = load('seat', 'nothing');
/** On the floor with both legs bent alike. */
const seatedOnBoth = (joints: Joints, rest: Rest = {}): DrillLoad =>
  seated(joints, { otherLeg: joints, ...rest });
/** On one knee, the other foot ahead: neither knee is straight. */
const kneeling = (joints: Joints, rest: Rest = {}): DrillLoad =>
  load('knees', 'part')(joints, {
    otherLeg: { knee: 'half', hip: 'half', ankle: 'slight', toes: 'slight' },
    ...rest,
  });
const onBack = load('back', 'nothing');
const bridged = load('back', 'part');
const onSide = load('side', 'nothing');
const onFront = load('front', 'part');
/** Who stands has weight on the balls of the feet. */
const onFeet =
  (carries: 'body' | 'weight') =>
  (joints: Joints, rest: Rest = {}): DrillLoad =>
    load('feet', carries)({ toes: 'slight', ...joints }, rest);
const standing = onFeet('body');
/** A weight is held, and hangs from the neck and the arms. */
const weighted = (joints: Joints, rest: Rest = {}): DrillLoad =>
  onFeet('weight')({ neck: 'slight', ...joints }, { arms: 'grip', ...rest });
const onAllFours = (joints: Joints, rest: Rest = {}): DrillLoad =>
  kneeling({ shoulder: 'half', ...joints }, { otherLeg: joints, ...flatHands, ...rest });

const two = { stance: 'two' } as const;
const staggered = { stance: 'staggered' } as const;
const one = { stance: 'one' } as const;
const hand = { hand: true } as const;
const ownEnd = { ownEnd: true } as const;
const presses = { presses: true } as const;
const flatHands = { arms: 'flat-hands' } as const;
const onForearms = { arms: 'forearm' } as const;
const grip = { arms: 'grip' } as const;
const turnsKnee = { turnsKnee: true } as const;
const backLine = { line: 'back-of-leg' } as const;
const frontLine = { line: 'front-of-leg' } as const;
const leans = { back: 'leans' } as const;
const turns = { back: 'turns' } as const;

/** What each drill of the library does to a body. A new drill needs a line here. */
export const DRILL_LOADS: Readonly<Record<DrillId, DrillLoad>> = {
  // More room
  'knee-over-outer-toes': kneeling({ ankle: 'end', knee: 'half', hip: 'slight' }),
  'bent-knee-calf-wall': standing({ ankle: 'end', knee: 'half' }, { ...staggered, ...hand }),
  'straight-knee-calf-wall': standing(
    { ankle: 'end', knee: 'slight' },
    { ...staggered, ...hand, ...backLine },
  ),
  'seated-shin-turns': seated({ knee: 'half' }, turnsKnee),
  'seated-shin-turns-out': seated({ knee: 'half' }, turnsKnee),
  'hip-rock-back': onAllFours({ hip: 'end', knee: 'end', ankle: 'slight' }),
  'floor-sit-switches': seatedOnBoth({ hip: 'end', knee: 'half' }, { ...turnsKnee, ...flatHands }),
  'leg-nerve-slide': seated({ knee: 'half', hip: 'half', neck: 'half' }, backLine),
  'mid-back-turns': onSide({ shoulder: 'half', neck: 'half' }, turns),
  'rock-back-knee-pump': onAllFours({ knee: 'end', hip: 'half' }),
  'front-thigh-half-kneeling': kneeling({ knee: 'end', hip: 'end' }, frontLine),
  'kneeling-hip-glide': kneeling({ hip: 'end', knee: 'half' }, frontLine),
  'kneeling-hip-front-hold': kneeling({ hip: 'end', knee: 'half' }, frontLine),
  'soles-together-tall': seatedOnBoth({ hip: 'end', knee: 'half' }, turnsKnee),
  'doorway-leg-hold': onBack({ hip: 'half', knee: 'slight' }, backLine),
  'back-line-sweep': seated({ knee: 'half' }, { ...presses, ...grip, ...backLine }),
  'front-nerve-slide': onSide({ knee: 'half', hip: 'half', neck: 'half' }, frontLine),
  'hip-across-body': onBack({ hip: 'end', knee: 'half' }, backLine),
  'floor-sit-fold': seatedOnBoth({ hip: 'end', knee: 'half' }, { ...turnsKnee, ...turns }),
  'calf-roller': seated({ ankle: 'half' }, { ...presses, ...flatHands, ...backLine }),
  'front-thigh-roller': onFront({ knee: 'half' }, { ...presses, ...onForearms, ...frontLine }),
  // Calm, and woken
  'breath-on-hands-and-knees': onAllFours({ hip: 'half', knee: 'half' }),
  'breath-then-leg': onBack({ hip: 'half' }),
  'low-breath-reset': onBack({}),
  'quiet-back-heel-taps': onBack({ hip: 'half', knee: 'half' }),
  'bridge-knees-out': bridged({ hip: 'slight', knee: 'half' }),
  'bridge-press': bridged({ hip: 'slight', knee: 'half' }),
  'tall-march': standing({ hip: 'half', knee: 'slight' }, one),
  // Own strength
  'one-leg-bridge': bridged({ hip: 'slight', knee: 'half' }),
  'bridge-heel-walkouts': bridged({ hip: 'slight', knee: 'half' }),
  'slow-sit-to-stand': standing({ hip: 'half', knee: 'half', ankle: 'slight' }, two),
  'slow-step-down': standing({ hip: 'half', knee: 'half', ankle: 'half' }, { ...one, ...hand }),
  'slow-heel-raise': standing({ ankle: 'half', foot: 'half', toes: 'half' }, { ...one, ...hand }),
  'short-foot-stand': standing({ ankle: 'slight', foot: 'half', toes: 'half' }, two),
  'side-hip-lift': onSide({ hip: 'slight' }),
  'squeeze-and-turn': onSide({ hip: 'half' }),
  'inner-thigh-lift': onSide({ hip: 'half' }),
  'point-and-pull': seated({ ankle: 'end' }, { ...ownEnd, ...backLine }),
  'toes-up-back-to-wall': standing(
    { ankle: 'end', knee: 'slight' },
    { ...two, ...hand, ...ownEnd },
  ),
  'active-hip-lift': standing({ hip: 'end', knee: 'half' }, { ...one, ...hand, ...ownEnd }),
  'rear-leg-press': standing({ hip: 'half', knee: 'half' }, staggered),
  'straight-leg-lower': onBack({ hip: 'half', knee: 'slight' }, { ...ownEnd, ...backLine }),
  'one-leg-end-lift': onBack({ hip: 'half', knee: 'slight' }, { ...ownEnd, ...backLine }),
  'side-shift-squat-stance': standing({ hip: 'half', knee: 'half', ankle: 'half' }, two),
  'own-strength-shin-turns': seated({ knee: 'half' }, { ...turnsKnee, ...ownEnd }),
  'heel-to-seat-pull': onFront({ knee: 'end' }, { ...ownEnd, ...frontLine }),
  'seated-leg-turns': seated({ hip: 'end', knee: 'half' }, ownEnd),
  'soles-together-press': seatedOnBoth({ hip: 'end', knee: 'half' }, { ...turnsKnee, ...ownEnd }),
  'wall-arm-climb': standing({ shoulder: 'end' }, { ...two, ...ownEnd }),
  'long-leg-reach': standing(
    { hip: 'half', knee: 'slight' },
    { ...staggered, ...leans, ...backLine },
  ),
  // The pattern itself
  'squat-to-target': standing({ hip: 'half', knee: 'half', ankle: 'half' }, two),
  'post-squat-stay': standing({ hip: 'half', knee: 'half', ankle: 'half' }, { ...two, ...hand }),
  'squat-weight-ahead': weighted({ hip: 'half', knee: 'half', ankle: 'half' }, two),
  'squat-facing-wall': standing(
    { hip: 'half', knee: 'half', ankle: 'half', shoulder: 'half' },
    two,
  ),
  'resting-deep-squat': standing({ hip: 'end', knee: 'end', ankle: 'end' }, { ...two, ...hand }),
  'new-toe-line': standing({ hip: 'slight', knee: 'slight', ankle: 'slight' }, two),
  'wider-toes-out': standing({ hip: 'half', knee: 'half', ankle: 'half' }, two),
  // It lets the knees go further than they would.
  'heels-on-a-wedge': standing({ hip: 'half', knee: 'end', ankle: 'slight' }, two),
  'hinge-along-stick': standing({ hip: 'half', knee: 'slight' }, { ...two, ...leans, ...backLine }),
  'hinge-to-wall': standing({ hip: 'half', knee: 'slight' }, { ...two, ...leans, ...backLine }),
  'raised-start-hinge': weighted({ hip: 'half', knee: 'slight' }, { ...two, ...leans }),
  'split-with-a-hand': standing(
    { hip: 'half', knee: 'half', ankle: 'half', toes: 'half' },
    { ...staggered, ...hand },
  ),
  'split-small-and-tall': standing(
    { hip: 'half', knee: 'half', ankle: 'slight', toes: 'half' },
    staggered,
  ),
  'step-and-stay': standing({ hip: 'half', knee: 'half', ankle: 'half', toes: 'half' }, staggered),
  // Ladders: as their first rungs ask; of the others see `loadOfRung`
  'front-foot-high-split': standing(
    { hip: 'half', knee: 'end', ankle: 'end', toes: 'half' },
    { ...staggered, ...hand },
  ),
  'fading-counterweight-squat': standing(
    { hip: 'end', knee: 'end', ankle: 'end' },
    { ...two, ...hand },
  ),
  'hinge-climb': standing({ hip: 'half', knee: 'slight' }, { ...two, ...leans, ...backLine }),
  'one-leg-climb': standing({ hip: 'half', knee: 'half', ankle: 'half' }, { ...one, ...hand }),
  // Feet, hands and neck
  'toes-tucked-sit': kneeling({ knee: 'end', hip: 'half', ankle: 'half', toes: 'end' }),
  'forefoot-wringing': seated(
    { hip: 'half', knee: 'half', ankle: 'half', foot: 'end', toes: 'slight' },
    grip,
  ),
  'hands-and-knees-wrist-rocks': onAllFours({ hip: 'half', knee: 'half', wrist: 'end' }),
  // What pulls the bone back takes the squash away in front.
  'banded-ankle-glide': kneeling({ ankle: 'half', knee: 'half', hip: 'slight' }),
  'hand-held-ankle-glide': kneeling({ ankle: 'half', knee: 'half', hip: 'slight' }, grip),
  'small-nods': onBack({ neck: 'end' }),
  'side-plank': load('side', 'part')({ shoulder: 'half', hip: 'slight' }, onForearms),
  'wrist-back-lifts': seated({ wrist: 'end' }, ownEnd),
  'small-ankle-pumps': seated({ ankle: 'half' }),
  'big-toe-press': standing({ foot: 'half', toes: 'end' }, two),
  'half-the-weight': weighted({ hip: 'half', knee: 'half', ankle: 'half' }, { ...two, ...leans }),
  'threes-at-full-speed': standing(
    { hip: 'half', knee: 'half', ankle: 'half' },
    { ...two, ...leans },
  ),
  // Straight knees that move, hands and feet
  'straight-knee-heel-pump': standing(
    { ankle: 'end', knee: 'slight' },
    { ...staggered, ...hand, ...backLine },
  ),
  'heel-ahead-hip-pump': standing(
    { hip: 'half', knee: 'slight', ankle: 'slight' },
    { ...staggered, ...hand, ...leans, ...backLine },
  ),
  'plank-to-long-v': onFront(
    { hip: 'half', knee: 'slight', ankle: 'half', toes: 'half', shoulder: 'end', wrist: 'end' },
    { ...flatHands, ...leans, ...backLine },
  ),
  // Carried, held and evened out
  'one-side-carry': weighted({ hip: 'slight', knee: 'slight', ankle: 'slight' }, one),
  'weighted-one-leg-hinge': weighted(
    { hip: 'half', knee: 'slight' },
    { ...one, ...hand, ...leans, ...backLine },
  ),
  'held-march': standing({ hip: 'slight', knee: 'slight' }, { ...one, ...hand }),
  'seated-short-foot': seated({ ankle: 'slight', foot: 'half', toes: 'half' }),
  'lift-under-short-leg': standing({ hip: 'half', knee: 'half', ankle: 'half' }, two),
  'turned-heel-calf-wall': standing(
    { ankle: 'end', knee: 'slight', foot: 'slight' },
    { ...staggered, ...hand, ...backLine },
  ),
};
