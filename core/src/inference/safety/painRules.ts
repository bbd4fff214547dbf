import type { DrillLoad } from '../../knowledge/drillLoad';
import type { DrillRow } from '../../knowledge/drillRow';
import { loadOf } from '../../knowledge/loadOf';
import { oneRegion, placeWords, type RegionRow } from '../../knowledge/regions';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Pain } from '../../records/case/caseFile';
import { goesDeep } from './goesDeep';
import { inOrder } from './inOrder';
import { askOf } from './askOf';
import { loadWhere } from './loadWhere';
import { painRule } from './painRule';

/** What a pain does to a drill: keeps it out, or makes it easier, and how. */
export interface PainEffect {
  readonly effect: 'forbidden' | 'easier';
  readonly says: string;
}

/** A pain along the leg that shoots: nothing that lengthens its line, however small. */
const isOnLine = ({ kind, region }: Pain, { line }: DrillLoad, drill: DrillRow | null): boolean =>
  kind === 'electric' &&
  line !== undefined &&
  drill?.family !== 'nerve' &&
  oneRegion(region).spares.includes(line);

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

/**
 * A pattern is cut to above where it hurts rather than left out, as long as nothing is carried on top, nor what hurts
 * taken to its end.
 */
const canBeCut = (drill: DrillRow | null, load: DrillLoad, { joints }: RegionRow): boolean =>
  (drill?.family === 'pattern' || drill?.family === 'fit') &&
  load.carries !== 'weight' &&
  !joints.some((joint) => load.joints[joint] === 'end');

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
  return canBeCut(drill, load, oneRegion(pain.region))
    ? easier(pain, drill)
    : forbidden('it loads');
}

/** What the pains that were told do to a drill on a side, what keeps it out first; nothing, where nothing hurts. */
export const painEffects = (
  drill: DrillRow,
  side: MaybeSide,
  pains: readonly Pain[],
): readonly PainEffect[] =>
  inOrder(pains.flatMap((pain) => maybeEffect(pain, loadOf(drill), drill, side) ?? []));

/** Why what was told to hurt keeps a check or a probe from being asked for; null when nothing does. */
export function maybeTooPainful(
  load: DrillLoad,
  side: MaybeSide,
  pains: readonly Pain[],
): string | null {
  const effects = pains.flatMap((pain) => maybeEffect(pain, load, null, side) ?? []);
  return effects.find(({ effect }) => effect === 'forbidden')?.says ?? null;
}
