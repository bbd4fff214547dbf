import type { CheckId } from './checks';
import type { DrillLoad } from './drillLoad';
import type { ProbeId } from './probes';

type Rest = Partial<Omit<DrillLoad, 'joints' | 'carries' | 'on'>>;

const load =
  (on: DrillLoad['on'], carries: DrillLoad['carries']) =>
  (joints: DrillLoad['joints'], rest: Rest = {}): DrillLoad => ({
    on,
    carries,
    joints,
    back: 'still',
    ...rest,
  });

const seated = load('seat', 'nothing');
const onBack = load('back', 'nothing');
const onSide = load('side', 'nothing');
const standing = load('feet', 'body');
const weighted = (joints: DrillLoad['joints'], rest: Rest): DrillLoad =>
  load('feet', 'weight')({ neck: 'slight', ...joints }, { arms: 'grip', ...rest });

const two = { stance: 'two' } as const;
const one = { stance: 'one' } as const;
const hand = { hand: true } as const;
const backLine = { line: 'back-of-leg' } as const;
const turnsKnee = { turnsKnee: true } as const;

/** What each check does to a body. A new check needs a line here. */
export const CHECK_LOADS: Readonly<Record<CheckId, DrillLoad>> = {
  'ankle-bend-knee-bent': load('feet', 'part')({ ankle: 'end', knee: 'half' }, { ...two, ...hand }),
  'ankle-bend-knee-straight': load('feet', 'part')(
    { ankle: 'end', knee: 'slight' },
    { stance: 'staggered', ...hand },
  ),
  'ankle-front-block': load('feet', 'part')({ ankle: 'end', knee: 'half' }, { ...two, ...hand }),
  'shin-turn-in': seated({ knee: 'half' }, turnsKnee),
  'shin-turn-out': seated({ knee: 'half' }, turnsKnee),
  'knee-bend': load('front', 'nothing')({ knee: 'end' }),
  'hip-bend': onBack({ hip: 'end', knee: 'half' }),
  'hip-turn-in': onBack({ hip: 'end', knee: 'half' }),
  'hip-turn-out': onBack({ hip: 'end', knee: 'half' }),
  'hip-extend': onBack({ hip: 'end', knee: 'half' }),
  'straight-leg-raise': onBack({ hip: 'half', knee: 'slight' }, backLine),
  'knee-straighten-90': onBack({ hip: 'half', knee: 'slight' }, backLine),
  'floor-sit-turn': seated(
    { hip: 'end', knee: 'half' },
    { otherLeg: { hip: 'end', knee: 'half' }, arms: 'flat-hands', ...turnsKnee },
  ),
  'double-leg-lift': onBack({ hip: 'slight' }),
  'breath-low': seated({}),
  'one-leg-stand-bend': standing({ hip: 'half', knee: 'half', ankle: 'half' }, one),
  'side-hip-hold': onSide({ hip: 'slight' }),
  'bridge-hold': load('back', 'part')({ hip: 'slight', knee: 'half' }),
  'knee-extend-strength': standing({ hip: 'half', knee: 'half', ankle: 'half' }, one),
  'adductor-lift': onSide({ hip: 'half' }),
  'heel-raises': standing({ ankle: 'half', foot: 'half', toes: 'half' }, { ...one, ...hand }),
  'midback-turn': seated({ neck: 'slight' }, { back: 'turns' }),
  'shoulder-raise': standing({ shoulder: 'end' }, two),
  'nerve-slump': seated(
    { knee: 'half', hip: 'half', neck: 'end' },
    { back: 'rounds', ...backLine },
  ),
  'kneecap-line': standing({}, two),
  'big-toe-bend': standing({ toes: 'end' }, two),
  'adductor-length': onBack({ hip: 'end' }),
  'quad-length-hip-bent': onSide({ knee: 'end', hip: 'half' }),
  'one-leg-balance': standing({}, one),
  'nerve-front-head': onSide({ knee: 'half', hip: 'half', neck: 'end' }, { line: 'front-of-leg' }),
  // The pattern itself, with less than it was looked at.
  'load-compare': weighted({ hip: 'half', knee: 'half', ankle: 'half' }, two),
};

/** What a probe adds to the pattern that is looked at anyway; most add nothing. */
export const PROBE_LOADS: Readonly<Partial<Record<ProbeId, DrillLoad>>> = {
  'held-ahead': weighted({ hip: 'half', knee: 'half', ankle: 'half' }, two),
  'arms-up': standing({ shoulder: 'end' }, two),
};
