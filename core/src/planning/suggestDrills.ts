import { DRILLS } from '../knowledge/drills';
import type { DrillRow, EffectSize, Family } from '../knowledge/drillRow';
import type { FlagId } from '../knowledge/flags';
import type { Pattern } from '../knowledge/patterns';
import type { MaybeSide } from '../sides/side';
import { probabilityWords } from '../words/probability';
import { LIKELY_ENOUGH, type Trace, type TracedCause } from '../trace/trace';
import { doseWords, drillSeconds } from './doseSeconds';

const EFFECT: Record<EffectSize, number> = { small: 0.2, medium: 0.45, large: 0.7 };

export interface SuggestedDrill {
  readonly drill: DrillRow;
  readonly side: MaybeSide;
  /** Keys of the causes it is for (`ankle-joint:right`). */
  readonly targets: readonly string[];
  readonly minutes: number;
  readonly dose: string;
  /** One sentence: why this one. */
  readonly why: string;
}

export interface LeftOut {
  readonly drill: string;
  readonly reason: string;
}

export interface Suggestion {
  readonly drills: readonly SuggestedDrill[];
  readonly leftOut: readonly LeftOut[];
}

export interface SuggestionLimits {
  /** What was looked at: the session ends with it. */
  readonly pattern: Pattern;
  readonly minutes: number;
  readonly flags: readonly FlagId[];
  /** What follows: long holds dull force for about half an hour, so none before training. */
  readonly next: 'training' | 'rest';
}

/** Order in a session: steady first, joint before muscle, the pattern last. */
const ORDER: readonly Family[] = [
  'reset',
  'joint',
  'nerve',
  'tissue',
  'active',
  'hold',
  'wake',
  'strengthen',
  'ladder',
  'fit',
  'pattern',
];

/** Drills before the pattern; more than this in one session and nobody knows which one worked. */
const MOST_PARTS = 2;

function aims(drill: DrillRow, causes: readonly TracedCause[], side: MaybeSide) {
  return drill.targets.flatMap(({ cause, effect }) =>
    causes
      .filter(
        (one) => one.cause === cause && (!drill.oneSided || one.side === null || one.side === side),
      )
      .map((one) => ({ key: one.key, cause: one, gain: one.p * EFFECT[effect] })),
  );
}

function candidate(drill: DrillRow, causes: readonly TracedCause[], side: MaybeSide) {
  const aimed = aims(drill, causes, side);
  const sides = 1;
  const seconds = drillSeconds(drill, sides);
  return { drill, side, aimed, minutes: seconds / 60 };
}

type Candidate = ReturnType<typeof candidate>;

/** What a drill adds after the ones already chosen; a second one on the same cause adds less. */
const gainAfter = (one: Candidate, served: ReadonlyMap<string, number>): number =>
  one.aimed.reduce((sum, { key, gain }) => sum + gain * 0.4 ** (served.get(key) ?? 0), 0);

function reasonAgainst(drill: DrillRow, limits: SuggestionLimits): string | null {
  const flag = drill.excludedBy.find((one) => limits.flags.includes(one));
  if (flag) return `not with ${flag.replaceAll('-', ' ')}`;
  if (drill.family === 'hold' && limits.next === 'training')
    return 'long holds wait until after training';
  return null;
}

/** The best two parts and the pattern, greedily: small enough that greedy and exact agree. */
function choose(pool: readonly Candidate[], count: number, minutes: number): Candidate[] {
  const served = new Map<string, number>();
  const chosen: Candidate[] = [];
  let left = minutes;
  while (chosen.length < count) {
    const best = pool
      .filter(
        (one) =>
          !chosen.some((c) => c.drill.id === one.drill.id && c.side === one.side) &&
          one.minutes <= left,
      )
      .map((one) => ({ one, gain: gainAfter(one, served) }))
      .filter(({ gain }) => gain >= 0.1)
      .sort((a, b) => b.gain - a.gain || a.one.drill.id.localeCompare(b.one.drill.id))[0];
    if (!best) return chosen;
    chosen.push(best.one);
    left -= best.one.minutes;
    for (const { key } of best.one.aimed) served.set(key, (served.get(key) ?? 0) + 1);
  }
  return chosen;
}

function told({ drill, side, aimed, minutes }: Candidate): SuggestedDrill {
  const best = [...aimed].sort((a, b) => b.gain - a.gain)[0];
  return {
    drill,
    side,
    targets: aimed.map(({ key }) => key),
    minutes,
    dose: doseWords(drill.dose),
    why: best
      ? `For: ${best.cause.sentence.toLowerCase()} (${probabilityWords(best.cause.p)})`
      : 'Every session ends with the pattern itself',
  };
}

const sidesFor = (drill: DrillRow): readonly MaybeSide[] =>
  drill.oneSided ? ['left', 'right'] : [null];

const serves = ({ patterns }: DrillRow, pattern: Pattern): boolean =>
  patterns === undefined || patterns.includes(pattern);

/**
 * Two drills for the most likely causes and the pattern to end with, inside the minutes there are.
 * Causes that are given are never aimed at by anything but a change of set-up.
 */
export function suggestDrills(found: Trace, limits: SuggestionLimits): Suggestion {
  const likely = found.causes.filter((cause) => cause.p >= LIKELY_ENOUGH);
  const library = (DRILLS as readonly DrillRow[]).filter((drill) => serves(drill, limits.pattern));
  const leftOut = library.flatMap((drill) => {
    const reason = reasonAgainst(drill, limits);
    return reason && aims(drill, likely, 'left').length + aims(drill, likely, 'right').length > 0
      ? [{ drill: drill.id, reason }]
      : [];
  });
  const allowed = library.filter((drill) => reasonAgainst(drill, limits) === null);
  const pool = allowed.flatMap((drill) =>
    sidesFor(drill).map((side) => candidate(drill, likely, side)),
  );
  const patterns = pool.filter((one) => one.drill.family === 'pattern');
  const last =
    choose(patterns, 1, limits.minutes)[0] ?? candidate(patternFor(allowed), likely, null);
  const parts = choose(
    pool.filter((one) => one.drill.family !== 'pattern' && one.aimed.length > 0),
    MOST_PARTS,
    limits.minutes - last.minutes,
  );
  const ordered = [...parts].sort(
    (a, b) => ORDER.indexOf(a.drill.family) - ORDER.indexOf(b.drill.family),
  );
  return { drills: [...ordered, last].map(told), leftOut };
}

/** The plainest pattern drill there is, when no cause asks for a particular one: first in the table. */
const patternFor = (allowed: readonly DrillRow[]): DrillRow =>
  allowed.find((drill) => drill.family === 'pattern') ?? allowed[0];
