import type { DrillLoad } from '../knowledge/drillLoad';
import type { DrillRow } from '../knowledge/drillRow';
import { loadOf } from '../knowledge/loadOf';
import type { FlagId } from '../knowledge/flags';

/** What a flag does to a drill: keeps it out, makes it easier, or is said with it. */
export type FlagEffect = 'forbidden' | 'easier' | 'warned';

export interface FlagRule {
  readonly flag: FlagId;
  /** Of a check or a probe there is no drill: only what it does to a body. */
  readonly when: (load: DrillLoad, drill: DrillRow | null) => boolean;
  readonly effect: FlagEffect;
  /** In words for coach and client. */
  readonly says: string;
}

const isWeighted = ({ carries }: DrillLoad): boolean => carries === 'weight';
const isStanding = ({ on }: DrillLoad): boolean => on === 'feet';
const reaches = (joint: 'hip' | 'knee', { joints }: DrillLoad): boolean => joints[joint] === 'end';
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
    when: ({ stance, hand }) => stance === 'staggered' || (stance === 'one' && hand === true),
    effect: 'easier',
    says: 'A hand on a support all the time, eyes open.',
  },
  {
    flag: 'neuropathy',
    when: (load) => isStanding(load) && load.stance === 'two',
    effect: 'warned',
    says: 'Eyes open, a support within reach; look at the skin of the feet after.',
  },
  {
    flag: 'joint-replacement',
    when: (load) => reaches('hip', load) || reaches('knee', load),
    effect: 'forbidden',
    says: 'no end of the range, only what the surgeon allows',
  },
  {
    flag: 'joint-replacement',
    when: ({ ownEnd, joints }) =>
      ownEnd === true && [joints.hip, joints.knee].some((one) => one === 'half' || one === 'end'),
    effect: 'forbidden',
    says: 'not as far as it goes, only what the surgeon allows',
  },
  {
    flag: 'joint-replacement',
    when: ({ on }) => on === 'knees',
    effect: 'warned',
    says: 'Kneel only if the surgeon allows it.',
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
    when: isWeighted,
    effect: 'easier',
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
    when: ({ stance }) => stance === 'one',
    effect: 'forbidden',
    says: 'no standing on one leg with a prosthesis',
  },
  {
    flag: 'prosthesis',
    when: ({ presses, on }) => presses === true || on === 'knees',
    effect: 'warned',
    says: 'Look at the skin of the stump first, and after.',
  },
];

/** What a client's flags say of a drill. */
export const flagRulesFor = (drill: DrillRow, flags: readonly FlagId[]): readonly FlagRule[] => {
  if (flags.length === 0) return [];
  const load = loadOf(drill);
  return FLAG_RULES.filter(({ flag, when }) => flags.includes(flag) && when(load, drill));
};

/** Whether a flag forbids what a check or a probe does to a body. */
export const isForbiddenLoad = (load: DrillLoad, flags: readonly FlagId[]): boolean =>
  FLAG_RULES.some(
    ({ flag, when, effect }) => effect === 'forbidden' && flags.includes(flag) && when(load, null),
  );

/** Why a flag keeps a drill out: by what it does to a body, or since its maker said so; null when none does. */
export function maybeForbidden(drill: DrillRow, flags: readonly FlagId[]): string | null {
  const rule = flagRulesFor(drill, flags).find(({ effect }) => effect === 'forbidden');
  if (rule) return `${rule.flag.replaceAll('-', ' ')}: ${rule.says}`;
  const said = drill.excludedBy?.find((one) => flags.includes(one));
  return said ? `not with ${said.replaceAll('-', ' ')}` : null;
}
