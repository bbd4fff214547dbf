import type { DrillLoad, LoadedJoint } from '../../knowledge/drillLoad';
import type { DrillRow } from '../../knowledge/drillRow';
import type { FlagId } from '../../knowledge/flags';
import { REGION_OF_CAUSE } from '../../knowledge/regionOfCause';
import { oneRegion } from '../../knowledge/regions';
import { SIDES, type MaybeSide } from '../../foundation/sides/side';
import { loadAt, mayBeSameSide } from './loadAt';
import { type MissingLimb, type ReplacedJoint, type Standing } from './standing';
import { REPLACEABLE, type Replaceable } from '../../knowledge/replaceable';

/** What a flag does to a drill: keeps it out, makes it easier, or is said with it. */
export interface FlagEffect {
  /** A flag of the client, or what a clinician left out of a clearance. */
  readonly flag: FlagId | 'clearance';
  readonly effect: 'forbidden' | 'easier' | 'warned';
  /** In words for coach and client. */
  readonly says: string;
  /** Of a weight: kept to with a light one. */
  readonly light?: true;
}

/** What is done, on which side; of a check or a probe there is no drill. */
export interface Done {
  readonly load: DrillLoad;
  readonly drill: DrillRow | null;
  readonly side: MaybeSide;
}

const replacement = (effect: FlagEffect['effect'], says: string): FlagEffect => ({
  flag: 'joint-replacement',
  effect,
  says,
});

/** A replaced joint that may be any of these, since nobody said which. */
type MaybeWhich = Omit<ReplacedJoint, 'side'> & { readonly side: MaybeSide };
const ANY: readonly MaybeWhich[] = (['hip', 'knee'] as const).flatMap((joint) =>
  SIDES.map((side) => ({ joint, side, mostDeg: null })),
);

const limbOf = (joint: Replaceable): 'leg' | 'arm' => (joint === 'shoulder' ? 'arm' : 'leg');

/** What half-way asks of a joint whose limit is told, or is still to be asked for. */
function atHalf(drill: DrillRow | null, one: ReplacedJoint): FlagEffect[] {
  const { joint, side, mostDeg } = one;
  if (mostDeg === null)
    return [
      replacement(
        'warned',
        `Ask how far the surgeon lets the ${side} ${joint} bend; until that is told, well short of its end.`,
      ),
    ];
  const { halfDeg, deepDeg } = REPLACEABLE[joint];
  const allowed = `the surgeon lets the ${side} ${joint} bend to ${mostDeg}°`;
  // A pattern goes on until somebody stops it: it is practised higher rather than left out.
  if (drill?.family === 'pattern' || drill?.family === 'fit')
    return mostDeg < deepDeg ? [replacement('easier', `Only so deep: ${allowed}.`)] : [];
  if (mostDeg < halfDeg)
    return [replacement('forbidden', `${allowed}, and it takes about ${halfDeg}°`)];
  // A ladder ends as deep as its pattern.
  return drill?.family === 'ladder' && mostDeg < deepDeg
    ? [replacement('easier', `Only so deep: ${allowed}.`)]
    : [];
}

function ofReplaced(one: MaybeWhich, { load, drill, side }: Done, isTold: boolean): FlagEffect[] {
  const { joint } = one;
  const at = loadAt(load, side, limbOf(joint), one.side);
  const reach = at.joints[joint];
  const where = isTold ? ` of the ${one.side} ${joint}` : '';
  if (reach === 'end')
    return [replacement('forbidden', `no end of the range${where}, only what the surgeon allows`)];
  if (reach === 'half' && load.ownEnd)
    return [
      replacement('forbidden', `not as far as it goes${where}, only what the surgeon allows`),
    ];
  if (isTold && joint === 'knee' && at.turnsKnee)
    return [replacement('forbidden', `no turning${where}`)];
  const kneels = joint === 'knee' && load.on === 'knees';
  return [
    ...(reach === 'half' && isTold ? atHalf(drill, one as ReplacedJoint) : []),
    ...(kneels ? [replacement('warned', 'Kneel only if the surgeon allows it.')] : []),
  ];
}

const prosthesis = (effect: FlagEffect['effect'], says: string): FlagEffect => ({
  flag: 'prosthesis',
  effect,
  says,
});

const MISSING: Readonly<Record<MissingLimb['from'], readonly LoadedJoint[]>> = {
  ankle: ['toes', 'foot', 'ankle'],
  knee: ['toes', 'foot', 'ankle', 'knee'],
  hip: ['toes', 'foot', 'ankle', 'knee', 'hip'],
};

/** All that a drill is for lies beyond where the limb ends. */
function isForMissing({ targets }: DrillRow, gone: readonly LoadedJoint[]): boolean {
  const regions = targets.flatMap(({ cause }) => REGION_OF_CAUSE[cause] ?? []);
  return (
    regions.length > 0 &&
    regions.every((region) => {
      const { joints } = oneRegion(region);
      return joints.length > 0 && joints.every((joint) => gone.includes(joint));
    })
  );
}

function ofMissing({ from, side: at }: MissingLimb, { load, drill, side }: Done): FlagEffect[] {
  const gone = MISSING[from];
  if (!mayBeSameSide(at, side))
    return load.stance === 'one' && !load.hand
      ? [prosthesis('easier', 'A hand on a support all the time.')]
      : [];
  if (load.stance === 'one')
    return [prosthesis('forbidden', `no standing on the ${at} leg alone, which is a prosthesis`)];
  const isEnd = gone.some((joint) => load.joints[joint] === 'end');
  return isEnd || (side !== null && drill !== null && isForMissing(drill, gone))
    ? [prosthesis('forbidden', `the ${at} ${from} is not there to be worked on`)]
    : [];
}

/** Nobody said which limb: any foot may be the one that is not there. */
function ofUnknown({ load, drill }: Done): FlagEffect[] {
  if (load.stance === 'one')
    return [prosthesis('forbidden', 'no standing on one leg with a prosthesis')];
  const isEnd = MISSING.ankle.some((joint) => load.joints[joint] === 'end');
  return isEnd || (drill !== null && isForMissing(drill, MISSING.ankle))
    ? [
        prosthesis(
          'forbidden',
          'no ankle or foot is worked on until it is told which one is not there',
        ),
      ]
    : [];
}

/** What replaced joints and missing limbs do to a drill, a check or a probe on a side. */
export function jointEffects(
  done: Done,
  { flags, replaced = [], missing = [] }: Standing,
): readonly FlagEffect[] {
  const isTold = replaced.length > 0;
  return [
    ...(flags.includes('joint-replacement')
      ? (isTold ? replaced : ANY).flatMap((one) => ofReplaced(one, done, isTold))
      : []),
    ...(flags.includes('prosthesis')
      ? missing.length > 0
        ? missing.flatMap((one) => ofMissing(one, done))
        : ofUnknown(done)
      : []),
  ];
}
