import type { DrillLoad, LoadedJoint, Reach } from '../knowledge/drillLoad';
import type { DrillRow } from '../knowledge/drillRow';
import { loadOf } from '../knowledge/loadOf';
import { oneRegion, placeWords, type RegionRow } from '../knowledge/regions';
import type { MaybeSide } from '../sides/side';
import type { Pain } from '../trace/caseFile';
import { goesDeep } from './goesDeep';
import { loadAt } from './loadAt';
import { painRule } from './painRule';

/** What a pain does to a drill: keeps it out, or makes it easier, and how. */
export interface PainEffect {
  readonly effect: 'forbidden' | 'easier';
  readonly says: string;
}

/** How much a drill asks of the place that hurts. */
type Ask = 'nothing' | 'little' | 'some' | 'much';

const CARRIED: readonly DrillLoad['carries'][] = ['body', 'weight'];

/** A joint that is taken to its end, or bent half-way under the body, is asked for much. */
function askOfJoint(reach: Reach | undefined, { carries }: DrillLoad): Ask {
  if (reach === undefined) return 'nothing';
  if (reach === 'end') return 'much';
  // To stand on it asks little; with a weight on top it is no longer little.
  if (reach === 'slight') return carries === 'weight' ? 'some' : 'little';
  return carries === 'weight' ? 'much' : CARRIED.includes(carries) ? 'some' : 'little';
}

function askOfBack({ back, carries }: DrillLoad): Ask {
  if (back === 'rounds' || back === 'turns') return 'much';
  if (back === 'leans') return carries === 'weight' ? 'much' : 'some';
  return carries === 'weight' ? 'some' : 'nothing';
}

/** What kneeling, twisting and pressing add where a place is touched by them. */
function askOfPressure(
  { kneels, twists, pressed }: RegionRow,
  { on, presses, turnsKnee }: DrillLoad,
): Ask {
  if (twists && turnsKnee) return 'much';
  if (presses && pressed) return 'much';
  return kneels && on === 'knees' ? 'some' : 'nothing';
}

/** What arms that bear something ask of each of their joints. */
const ASKED_OF_ARM: Readonly<
  Record<NonNullable<DrillLoad['arms']>, Partial<Record<LoadedJoint, Ask>>>
> = {
  'flat-hands': { wrist: 'much', elbow: 'some', shoulder: 'some' },
  forearm: { elbow: 'much', shoulder: 'much' },
  grip: { wrist: 'some', elbow: 'some', shoulder: 'some' },
};

/** A hand on a support only steadies. */
function askOfArm(joint: LoadedJoint, { arms, hand }: DrillLoad): Ask {
  const borne = arms && ASKED_OF_ARM[arms][joint];
  if (borne) return borne;
  return hand && joint in ASKED_OF_ARM.grip ? 'little' : 'nothing';
}

const ASKS: readonly Ask[] = ['nothing', 'little', 'some', 'much'];
const most = (asks: readonly Ask[]): Ask =>
  ASKS[Math.max(0, ...asks.map((one) => ASKS.indexOf(one)))];

const askOf = (region: RegionRow, load: DrillLoad): Ask =>
  most([
    ...region.joints.flatMap((joint) => [
      askOfJoint(load.joints[joint], load),
      askOfArm(joint, load),
    ]),
    region.isBack ? askOfBack(load) : 'nothing',
    askOfPressure(region, load),
  ]);

/** A pain along the leg that shoots: nothing that lengthens its line, however small. */
const isOnLine = ({ kind, region }: Pain, { line }: DrillLoad, drill: DrillRow | null): boolean =>
  kind === 'electric' &&
  line !== undefined &&
  drill?.family !== 'nerve' &&
  oneRegion(region).spares.includes(line);

/** What a drill on a side does at the side that hurts; the middle of the body has a part in either. */
function loadWhere({ region, side: at }: Pain, load: DrillLoad, side: MaybeSide): DrillLoad {
  const { isBack, joints, area } = oneRegion(region);
  if (isBack || joints.includes('neck')) return load;
  return loadAt(load, side, area === 'neck-and-arms' ? 'arm' : 'leg', at);
}

const whereOf = ({ region, side }: Pain): string => placeWords(region, side);

/** What makes it easier depends on what hurts: a depth spares no arm, and a support none that leans on it. */
function easierWords(pain: Pain, drill: DrillRow | null): string {
  const { area, joints } = oneRegion(pain.region);
  const isArm = area === 'neck-and-arms' && !joints.includes('neck');
  if (isArm) return `Nothing held with the ${whereOf(pain)}, and no leaning on it.`;
  return drill && goesDeep(drill) && area !== 'neck-and-arms'
    ? `Stop above where the ${whereOf(pain)} hurts: a higher target, slower, a hand on a support, no weight.`
    : `Smaller and slower, short of where the ${whereOf(pain)} hurts.`;
}

const easier = (pain: Pain, drill: DrillRow | null): PainEffect => ({
  effect: 'easier',
  says: easierWords(pain, drill),
});

/** A pattern is cut to above where it hurts rather than left out, as long as nothing is carried on top. */
const canBeCut = (drill: DrillRow | null, load: DrillLoad): boolean =>
  (drill?.family === 'pattern' || drill?.family === 'fit') &&
  load.carries !== 'weight' &&
  !Object.values(load.joints).includes('end');

function maybeEffect(
  pain: Pain,
  whole: DrillLoad,
  drill: DrillRow | null,
  side: MaybeSide,
): PainEffect | null {
  const load = loadWhere(pain, whole, side);
  const forbidden = (why: string): PainEffect => ({
    effect: 'forbidden',
    says: `${why} the ${whereOf(pain)}, which hurts`,
  });
  if (isOnLine(pain, load, drill)) return forbidden('it lengthens the line of');
  const rule = painRule(pain.score, pain.kind);
  const ask = askOf(oneRegion(pain.region), load);
  if (rule === 'go-on' || ask === 'nothing') return null;
  if (rule === 'easier') return ask === 'little' ? null : easier(pain, drill);
  if (ask === 'little') return easier(pain, drill);
  return canBeCut(drill, load) ? easier(pain, drill) : forbidden('it loads');
}

/** What the pains that were told do to a drill on a side, what keeps it out first; nothing, where nothing hurts. */
export const painEffects = (
  drill: DrillRow,
  side: MaybeSide,
  pains: readonly Pain[],
): readonly PainEffect[] => {
  const all = pains.flatMap((pain) => maybeEffect(pain, loadOf(drill), drill, side) ?? []);
  const each = all.filter(({ says }, i) => all.findIndex((other) => other.says === says) === i);
  return each.sort((a, b) => Number(b.effect === 'forbidden') - Number(a.effect === 'forbidden'));
};

/** Why what was told to hurt keeps a check or a probe from being asked for; null when nothing does. */
export function maybeTooPainful(
  load: DrillLoad,
  side: MaybeSide,
  pains: readonly Pain[],
): string | null {
  const effects = pains.flatMap((pain) => maybeEffect(pain, load, null, side) ?? []);
  return effects.find(({ effect }) => effect === 'forbidden')?.says ?? null;
}
