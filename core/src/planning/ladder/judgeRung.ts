import type { DrillRecord } from '../../records/drills/drillRecord';
import { painRule } from '../../inference/safety/painRule';
import type { CriterionId } from '../../knowledge/ladders/criteria';
import { oneRung } from '../../knowledge/ladders/ladders';
import type { Ladder, Rung } from '../../knowledge/ladders/ladder';

/** What a try says about its rung. */
export type RungVerdict =
  | { readonly word: 'pass' }
  /** Criteria that were missed; none where only the sets were not all done. */
  | { readonly word: 'stay'; readonly missed: readonly CriterionId[] }
  | {
      readonly word: 'back';
      readonly because: 'pain' | 'hardly';
      readonly missed: readonly CriterionId[];
    };

export type TriedDrill = Pick<DrillRecord, 'rung' | 'pain' | 'status' | 'log' | 'dose'>;

/** Less than this share of the criteria met: the rung is not the right one yet. */
const HARDLY = 0.5;

/** What the coach ticked, against what was said of pain. */
function missedOf(rung: Rung, { rung: tried, pain }: TriedDrill): CriterionId[] {
  const met = new Set(tried?.met ?? []);
  if (pain !== null && pain > 0) met.delete('pain-free');
  return rung.criteria.filter((one) => !met.has(one));
}

/**
 * Pass, stay or step back, by criteria and never by dates. Pain that makes a drill easier or stops it
 * takes the rung back, and so does meeting less than half of what is asked; a pass is all of it, in all
 * the sets there were to be. Null while nobody has judged it.
 */
export function maybeRungVerdict(ladder: Ladder, drill: TriedDrill): RungVerdict | null {
  const { rung: tried, pain, status, log, dose } = drill;
  if (!tried) return null;
  const rung = oneRung(ladder, tried.rung);
  const missed = missedOf(rung, drill);
  if (status === 'stopped' || (pain !== null && painRule(pain) !== 'go-on'))
    return { word: 'back', because: 'pain', missed };
  if (status !== 'done' || tried.met === null) return null;
  if (rung.criteria.length - missed.length < HARDLY * rung.criteria.length)
    return { word: 'back', because: 'hardly', missed };
  if (missed.length > 0 || log.length < dose.sets) return { word: 'stay', missed };
  return { word: 'pass' };
}
