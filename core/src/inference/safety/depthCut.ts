import { bodyOf, type Segments } from '../../body/segments/body';
import type { Pattern } from '../../body/stance/patterns';
import { oneRegion, placeWords, type RegionRow } from '../../knowledge/regions';
import { ONE_LEG_DEPTH_DEG } from '../../body/stance/oneLegDepth';
import type { Setup } from '../../body/stance/setup';
import { SIDES, type Side } from '../../foundation/sides/side';
import { askDeepest, askSettle, type PostureQuestion } from '../../body/solver/ask';
import type { LimitsDeg } from '../../body/solver/limits';
import type { PostureReport } from '../../body/solver/postureReport';
import type { Pain } from '../../records/case/caseFile';
import { painRule } from './painRule';
import type { ReplacedJoint } from './standing';

/** Above which depth the pattern is practised: something hurts, or a surgeon lets a joint bend only so far. */
export interface DepthCut {
  /** Of a hinge the lean of the trunk, of the others the thighs above level; in degrees. */
  readonly deg: number;
  /** Said with every drill that practises the pattern. */
  readonly says: string;
  /** Said with what else is done on the feet. */
  readonly bends: readonly BendLimit[];
}

/** What the pattern bends: joints of the legs, and the trunk as it leans. */
export const BENT_PARTS = ['ankle', 'knee', 'hip', 'back'] as const;
type BentPart = (typeof BENT_PARTS)[number];

/** How far what hurts bends in the pattern where it is cut: nothing else on the feet takes it further. */
export interface BendLimit {
  readonly pain: Pain;
  readonly part: BentPart;
  readonly deg: number;
  readonly says: string;
}

/** A cut by one reason of several. */
type OwnCut = Pick<DepthCut, 'deg' | 'says'> & { readonly bend?: BendLimit };

/** What the posture model needs to know of a client and a look. */
export interface CutQuestion {
  readonly pattern: Pattern;
  readonly client: {
    readonly heightM: number;
    readonly massKg: number;
    readonly segments?: Segments;
  };
  readonly setup: Setup;
  readonly limits: LimitsDeg;
  /** How deep it was seen to get, as a thigh angle; null when nobody read a number. */
  readonly seenDeg: number | null;
  readonly pains: readonly Pain[];
  readonly replaced?: readonly ReplacedJoint[];
}

/** How much of its bend and of its moment is left to what hurts. Ours. */
const LEFT = {
  easier: { bend: 0.9, moment: 1 },
  stop: { bend: 0.75, moment: 0.75 },
} as const;
/** A part that bends less than this is not what the pattern strains. Ours. */
const LEAST_BEND_DEG: Readonly<Record<BentPart, number>> = {
  ankle: 15,
  knee: 30,
  hip: 30,
  back: 10,
};
/** Less of a difference is not worth a sentence. */
const TOLD_DEG = 3;
/** Nobody goes deeper than this of his own accord, whatever his joints allow. Ours. */
const USUAL_DEPTH_DEG = { thigh: -10, oneThigh: ONE_LEG_DEPTH_DEG, lean: 80 } as const;
/** As high as a pattern is still practised, and by how much at least it is cut even there. Ours. */
const HIGHEST_DEG = { thigh: 55, lean: 20 } as const;
const LEAST_CUT_DEG = 10;
const STEP_DEG = 5;

/** What a place bears and how far it bends in a posture. */
interface Strain {
  readonly part: BentPart;
  readonly words: string;
  /** What a coach says to keep it less bent. */
  readonly asks: string;
  /** Of each side that is meant. */
  readonly bendsDeg: readonly number[];
  /** null where the moment says nothing of what is felt. */
  readonly momentsNm: readonly number[] | null;
}

/** The most bent of the sides that are meant. */
const mostBent = ({ bendsDeg }: Strain): number => Math.max(...bendsDeg);

const partOf = ({ joints, isBack }: RegionRow): BentPart | null =>
  isBack
    ? 'back'
    : ((['knee', 'hip', 'ankle'] as const).find((joint) => joints.includes(joint)) ?? null);

/** What the sides bear that are meant; null where the pattern strains nothing of it. */
function strainOf(posture: PostureReport, { region, side }: Pain): Strain | null {
  const part = partOf(oneRegion(region));
  if (!part) return null;
  const sides: readonly Side[] = side ? [side] : SIDES;
  const of = (bends: Readonly<Record<Side, number>>) => sides.map((one) => bends[one]);
  const moments = (joint: 'hip' | 'knee') =>
    sides.map((one) => Math.abs(posture.momentsNm[one][joint]));
  if (part === 'back')
    return {
      part,
      words: 'the trunk leans',
      asks: 'Lean the trunk',
      bendsDeg: [posture.trunkLeanDeg],
      momentsNm: [Math.abs(posture.backMomentNm)],
    };
  const bends = { knee: posture.kneeBendDeg, hip: posture.hipBendDeg, ankle: posture.ankleBendDeg };
  return {
    part,
    words: `the ${placeWords(part, side)} bends`,
    asks: `Bend the ${placeWords(part, side)}`,
    bendsDeg: of(bends[part]),
    momentsNm: part === 'ankle' ? null : moments(part),
  };
}

/** Depths from where it hurts up to the highest. */
function depthsUp(fromDeg: number, isHinge: boolean): readonly number[] {
  const way = isHinge ? -1 : 1;
  const highest = HIGHEST_DEG[isHinge ? 'lean' : 'thigh'];
  const room = Math.max(LEAST_CUT_DEG, way * (highest - fromDeg));
  return Array.from(
    { length: 1 + Math.floor(room / STEP_DEG) },
    (_, i) => fromDeg + way * i * STEP_DEG,
  );
}

/** Postures of the pattern at depths, as far as there are any. */
const posturesAt = (
  question: PostureQuestion,
  depths: readonly number[],
): [number, PostureReport][] =>
  depths.flatMap((deg): [number, PostureReport][] => {
    const aim = question.pattern === 'hinge' ? { trunkLeanDeg: deg } : { thighDeg: deg };
    const found = askSettle(question, aim);
    return found.status === 'found' ? [[deg, found.posture]] : [];
  });

/** The depth at which it is likely to hurt: the lowest one, or half-way to it; null at the finish. */
function hurtsAt({ phase }: Pain, lowestDeg: number, isHinge: boolean): number | null {
  if (phase === 'finish') return null;
  if (phase === 'bottom') return lowestDeg;
  return (lowestDeg + (isHinge ? 0 : 90)) / 2;
}

const rounded = (deg: number): number => Math.round(deg / STEP_DEG) * STEP_DEG;
/** The next step that is no deeper. */
const roundedUp = (deg: number, isHinge: boolean): number =>
  (isHinge ? Math.floor(deg / STEP_DEG) : Math.ceil(deg / STEP_DEG)) * STEP_DEG;

const placeOf = (deg: number, { pattern, setup }: PostureQuestion): string => {
  if (pattern === 'hinge') return `Lean no further than ${deg}°`;
  const level =
    deg === 0 ? 'than level' : `than ${Math.abs(deg)}° ${deg > 0 ? 'above' : 'below'} level`;
  return `${setup.oneLeg ? 'Thigh' : 'Thighs'} no lower ${level}`;
};

function cutFor(pain: Pain, question: PostureQuestion, lowestDeg: number): OwnCut | null {
  const rule = painRule(pain.score, pain.kind);
  const isHinge = question.pattern === 'hinge';
  const at = hurtsAt(pain, lowestDeg, isHinge);
  if (rule === 'go-on' || at === null) return null;
  const strains = posturesAt(question, depthsUp(rounded(at), isHinge)).flatMap(([deg, posture]) => {
    const strain = strainOf(posture, pain);
    return strain ? [{ deg, ...strain }] : [];
  });
  const [hurting] = strains;
  if (!hurting || mostBent(hurting) < LEAST_BEND_DEG[hurting.part]) return null;
  const left = LEFT[rule];
  // Where no side was told, each that bends enough to hurt is spared.
  const isMeant = (i: number) => hurting.bendsDeg[i] >= LEAST_BEND_DEG[hurting.part];
  const isSpared = ({ bendsDeg, momentsNm }: Strain) =>
    bendsDeg.every((deg, i) => !isMeant(i) || deg <= left.bend * hurting.bendsDeg[i]) &&
    (momentsNm ?? []).every((nm, i) => !isMeant(i) || nm <= left.moment * hurting.momentsNm![i]);
  // Where no depth spares it, the highest is what is left.
  const spared = strains.find(isSpared) ?? strains.at(-1)!;
  const [to, from] = [Math.max(0, mostBent(spared)), mostBent(hurting)].map(Math.round);
  const place = placeOf(spared.deg, question);
  if (from - to < TOLD_DEG) return { deg: spared.deg, says: `${place}.` };
  return {
    deg: spared.deg,
    says: `${place}: there ${spared.words} ${to}° instead of ${from}°.`,
    bend: bendLimit(pain, spared.part, downTo(to), spared.asks),
  };
}

const bendLimit = (pain: Pain, part: BentPart, deg: number, asks: string): BendLimit => ({
  ...{ pain, part, deg },
  says: `${asks} no further than ${deg}°.`,
});

/** As far as an eye can tell, and no further. */
const downTo = (deg: number): number => Math.floor(deg / STEP_DEG) * STEP_DEG;

/**
 * How far a joint of a leg bends in a posture; null for one that is not of the leg. A surgeon who limits a
 * hip means thigh against trunk: what the low back rounds counts with it.
 */
function bendOf({ joint, side }: ReplacedJoint, posture: PostureReport): number | null {
  if (joint === 'shoulder') return null;
  const bends = { knee: posture.kneeBendDeg, hip: posture.hipBendDeg, ankle: posture.ankleBendDeg };
  const rounded = joint === 'hip' ? Math.max(0, posture.lumbarBendDeg) : 0;
  return bends[joint][side] + rounded;
}

/** Where a replaced joint bends as far as its surgeon lets it; null where the pattern stays within that anyway. */
function cutForReplaced(
  one: ReplacedJoint,
  question: PostureQuestion,
  lowestDeg: number,
): OwnCut | null {
  const { joint, side, mostDeg } = one;
  if (mostDeg === null) return null;
  const isHinge = question.pattern === 'hinge';
  // As deep as it gets counts, also between two steps.
  const depths = [lowestDeg, ...depthsUp(roundedUp(lowestDeg, isHinge), isHinge)];
  const bends = posturesAt(question, depths).flatMap(([deg, posture]) => {
    const bendDeg = bendOf(one, posture);
    return bendDeg === null ? [] : [{ deg, bendDeg }];
  });
  const allowed = bends.find(({ bendDeg }) => bendDeg <= mostDeg);
  if (bends.length === 0 || allowed === bends[0]) return null;
  const { deg, bendDeg } = allowed ?? bends.at(-1)!;
  const where = `${placeOf(deg, question)}: there the ${side} ${joint} bends ${Math.round(bendDeg)}°`;
  const says = allowed
    ? `${where}, and the surgeon lets it bend to ${mostDeg}°.`
    : `${where}, more than the ${mostDeg}° that the surgeon allows: ask before it is practised at all.`;
  return { deg, says };
}

/**
 * Above which depth the pattern is practised, by what the posture model says of the place that hurts: it
 * bends less there, and bears less; and by how far a replaced joint may bend. Of several reasons the one that
 * allows least counts. null when none has a depth.
 */
export function maybeDepthCut({
  pattern,
  client,
  setup,
  limits,
  seenDeg,
  pains,
  replaced = [],
}: CutQuestion): DepthCut | null {
  if (pains.length + replaced.length === 0) return null;
  const body = bodyOf(client.heightM, client.massKg, client.segments);
  const question: PostureQuestion = { pattern, body, setup, limits };
  const lowest = askDeepest(question);
  if (lowest.status !== 'found') return null;
  const isHinge = pattern === 'hinge';
  const lowestDeg = isHinge
    ? Math.min(-lowest.depthDeg, USUAL_DEPTH_DEG.lean)
    : (seenDeg ?? Math.max(lowest.depthDeg, USUAL_DEPTH_DEG[setup.oneLeg ? 'oneThigh' : 'thigh']));
  const cuts: readonly OwnCut[] = [
    ...replaced.flatMap((one) => cutForReplaced(one, question, lowestDeg) ?? []),
    ...pains.flatMap((pain) => cutFor(pain, question, lowestDeg) ?? []),
  ];
  const strictest = cuts.reduce<OwnCut | null>(
    (least, one) =>
      least && (isHinge ? least.deg <= one.deg : least.deg >= one.deg) ? least : one,
    null,
  );
  if (!strictest) return null;
  const { deg, says } = strictest;
  return { deg, says, bends: cuts.flatMap(({ bend }) => bend ?? []) };
}
