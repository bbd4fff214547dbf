import { oneRegion, placeWords, type Region } from '../../knowledge/regions';
import type { LoadedJoint } from '../../knowledge/drillLoad';
import type { Setup } from '../../body/stance/setup';
import type { Pain } from '../../records/case/caseFile';
import { painRule, type PainRule } from './painRule';

/** A look, as far as something hurt in it, and how it was set up where that is known. */
export interface Hurting {
  readonly pain: readonly Pain[];
  readonly setup?: Setup;
}

const STRICTEST_FIRST: readonly PainRule[] = ['stop', 'easier', 'go-on'];
const ASKS: Readonly<Record<PainRule, string | null>> = {
  stop: 'stop what brings it on, and ask the stop-and-refer questions',
  easier: 'make it easier',
  'go-on': null,
};

/** What the arms have to do with a pattern: nothing, unless they are raised, hold something or lean on it. */
const BORNE: Readonly<Partial<Record<LoadedJoint, (setup: Setup) => boolean>>> = {
  neck: ({ load }) => load.at !== 'none',
  shoulder: ({ load, hands, arms }) =>
    load.at !== 'none' || hands !== 'free' || arms === 'overhead' || arms === 'forward',
  elbow: ({ load, hands }) => load.at !== 'none' || hands !== 'free',
  wrist: ({ load, hands }) => load.at !== 'none' || hands !== 'free',
};

/** Whether nothing in a pattern loads a place, the way it was set up. */
const isIdle = (region: Region, setup: Setup): boolean =>
  oneRegion(region).joints.some((joint) => BORNE[joint]?.(setup) === false);

/** Pains by the place they were told of. */
function byPlace(pains: readonly Pain[]): readonly (readonly Pain[])[] {
  const places = new Map<string, Pain[]>();
  for (const pain of pains) {
    const key = placeWords(pain.region, pain.side);
    places.set(key, [...(places.get(key) ?? []), pain]);
  }
  return [...places.values()];
}

/** What is asked of a place, by the strictest of what was told of it; nothing where that asks for nothing. */
function cautionFor(told: readonly Pain[], setup: Setup | undefined): string[] {
  const [{ region, side }] = told;
  const rules = told.map(({ score, kind }) => painRule(score, kind));
  const rule = STRICTEST_FIRST.find((one) => rules.includes(one))!;
  if (!ASKS[rule]) return [];
  const kinds = [...new Set(told.map(({ kind }) => kind))];
  const differ = new Set(rules).size > 1 && kinds.length > 1;
  const where = `Pain at the ${placeWords(region, side)}`;
  const both = differ ? `, told as ${kinds.join(' and as ')}; the stricter counts` : '';
  const idle =
    setup && isIdle(region, setup)
      ? ' Nothing in this look loads it: ask what else brings it on.'
      : '';
  return [`${where}${both}: ${ASKS[rule]}.${idle}`];
}

/** What the pains of a look ask for, a sentence for each place. */
export const painCautions = ({ look }: { readonly look: Hurting }): string[] =>
  byPlace(look.pain).flatMap((told) => cautionFor(told, look.setup));
