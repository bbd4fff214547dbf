import type { DrillLoad } from '../../knowledge/drillLoad';
import type { DrillRow } from '../../knowledge/drillRow';
import type { FlagId } from '../../knowledge/flags';
import { loadOf } from '../../knowledge/loadOf';
import type { MaybeSide } from '../../foundation/sides/side';
import { inOrder } from './inOrder';
import { jointEffects, type Done, type FlagEffect } from './jointRules';
import { notYetEffects } from './notYetRules';
import type { Standing } from './standing';

/** What a flag does by what a drill does to the whole body; of single joints see `jointRules`. */
export interface FlagRule extends FlagEffect {
  readonly flag: FlagId;
  /** Of a check or a probe there is no drill: only what it does to a body. */
  readonly when: (load: DrillLoad, drill: DrillRow | null) => boolean;
}

const isWeighted = ({ carries }: DrillLoad): boolean => carries === 'weight';
const isUneven = ({ stance }: DrillLoad): boolean => stance === 'staggered' || stance === 'one';
const isStanding = ({ on }: DrillLoad): boolean => on === 'feet';
const isAtAnEnd = ({ joints }: DrillLoad): boolean => Object.values(joints).includes('end');

const heldSeconds = (drill: DrillRow | null): number =>
  drill?.dose.by === 'hold' ? drill.dose.seconds : 0;

/** Every flag against every property of a drill that it speaks about. A new flag or property is a line here. */
export const FLAG_RULES: readonly FlagRule[] = [
  {
    flag: 'osteoporosis',
    when: ({ back }) => back === 'rounds' || back === 'turns',
    effect: 'forbidden',
    says: 'no rounding or twisting of the back',
  },
  {
    flag: 'osteoporosis',
    when: (load) => load.back === 'leans' && isWeighted(load),
    effect: 'easier',
    says: 'Light, with a long back; end before it rounds.',
  },
  {
    flag: 'osteoporosis',
    when: (load) => load.back === 'leans' && !isWeighted(load),
    effect: 'warned',
    says: 'Keep the back long; end before it rounds.',
  },
  {
    flag: 'osteoporosis',
    when: (load) => load.joints.hip === 'end' && isWeighted(load),
    effect: 'forbidden',
    says: 'no weight at the end of a bend, where the low back rounds',
  },
  {
    flag: 'osteoporosis',
    when: (load) => load.joints.hip === 'end' && !isWeighted(load),
    effect: 'warned',
    says: 'End before the low back rounds.',
  },
  {
    flag: 'osteoporosis',
    when: (load) => load.stance === 'one' && isWeighted(load),
    effect: 'forbidden',
    says: 'no weight on one leg: a fall breaks bones',
  },
  {
    flag: 'neuropathy',
    when: ({ presses }) => presses === true,
    effect: 'forbidden',
    says: 'numb skin does not say when it is too much',
  },
  {
    flag: 'neuropathy',
    when: ({ stance, hand }) => stance === 'one' && !hand,
    effect: 'forbidden',
    says: 'no standing on one leg without a support',
  },
  {
    flag: 'neuropathy',
    when: (load) => isUneven(load) && isWeighted(load),
    effect: 'forbidden',
    says: 'the hands are for a support and not for a weight',
  },
  {
    flag: 'neuropathy',
    when: ({ stance, hand }) => stance === 'staggered' && !hand,
    effect: 'easier',
    says: 'A hand on a support all the time, eyes open.',
  },
  {
    flag: 'neuropathy',
    when: (load) => isUneven(load) && load.hand === true,
    effect: 'easier',
    says: 'Keep the hand on the support all the time, eyes open.',
  },
  {
    flag: 'neuropathy',
    when: (load) => isStanding(load) && load.stance === 'two',
    effect: 'warned',
    says: 'Eyes open, a support within reach; look at the skin of the feet after.',
  },
  {
    flag: 'joint-replacement',
    when: isWeighted,
    effect: 'easier',
    says: 'Without the weight until the surgeon has allowed it.',
  },
  {
    flag: 'pregnancy',
    when: ({ on }) => on === 'back',
    effect: 'forbidden',
    says: 'no lying on the back',
  },
  {
    flag: 'pregnancy',
    when: ({ on }) => on === 'front',
    effect: 'forbidden',
    says: 'no lying on the front',
  },
  {
    flag: 'pregnancy',
    when: (load, drill) => isAtAnEnd(load) && heldSeconds(drill) > 30,
    effect: 'forbidden',
    says: 'no long hold at the end of a range',
  },
  {
    flag: 'pregnancy',
    when: ({ carries }) => carries === 'body' || carries === 'weight',
    effect: 'warned',
    says: 'Breathe out on the way up; never hold the breath.',
  },
  {
    flag: 'hypermobility',
    when: (load, drill) => drill?.family === 'hold' || (isAtAnEnd(load) && heldSeconds(drill) > 0),
    effect: 'forbidden',
    says: 'no long hold at the end of a range, control first',
  },
  {
    flag: 'hypermobility',
    when: (load, drill) => isAtAnEnd(load) && heldSeconds(drill) === 0,
    effect: 'warned',
    says: 'Turn round well before the end of the range.',
  },
  {
    flag: 'minor',
    when: ({ heavy }) => heavy === true,
    effect: 'forbidden',
    says: 'light weights only',
  },
  {
    flag: 'minor',
    when: (load) => isWeighted(load) && !load.heavy,
    effect: 'easier',
    light: true,
    says: 'Light enough to talk through: the form before the weight.',
  },
  {
    flag: 'blood-thinners',
    when: ({ presses }) => presses === true,
    effect: 'forbidden',
    says: 'no pressing on the tissue without a clinician’s word',
  },
  {
    flag: 'blood-thinners',
    when: ({ on }) => on === 'knees',
    effect: 'warned',
    says: 'Kneel on something soft; look for bruises after.',
  },
  {
    flag: 'prosthesis',
    when: ({ presses, on }) => presses === true || on === 'knees',
    effect: 'warned',
    says: 'Look at the skin of the stump first, and after.',
  },
];

const effectsOn = (done: Done, standing: Standing): readonly FlagEffect[] => [
  ...FLAG_RULES.filter(
    ({ flag, when }) => standing.flags.includes(flag) && when(done.load, done.drill),
  ),
  ...jointEffects(done, standing),
  ...notYetEffects(done, standing.notYet),
];

/** What stands about a client says of a drill on a side, what keeps it out first. */
export const flagEffects = (
  drill: DrillRow,
  side: MaybeSide,
  standing: Standing,
): readonly FlagEffect[] => inOrder(effectsOn({ load: loadOf(drill), drill, side }, standing));

const wordsOf = ({ flag, says }: FlagEffect): string => `${flag.replaceAll('-', ' ')}: ${says}`;

/** Why a flag forbids what a check or a probe does to a body on a side; null when none does. */
export function maybeForbiddenLoad(
  load: DrillLoad,
  side: MaybeSide,
  standing: Standing,
): string | null {
  const effects = effectsOn({ load, drill: null, side }, standing);
  const forbidden = effects.find(({ effect }) => effect === 'forbidden');
  return forbidden ? wordsOf(forbidden) : null;
}

/** Why a flag keeps a drill out: by what it does to a body, or since its maker said so; null when none does. */
export function maybeForbidden(
  drill: DrillRow,
  side: MaybeSide,
  standing: Standing,
): string | null {
  const rule = flagEffects(drill, side, standing).find(({ effect }) => effect === 'forbidden');
  if (rule) return wordsOf(rule);
  const said = drill.excludedBy?.find((one) => standing.flags.includes(one));
  return said ? `not with ${said.replaceAll('-', ' ')}` : null;
}
