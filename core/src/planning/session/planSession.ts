import type { Dose, DrillRow } from '../../knowledge/drillRow';
import { DRILLS, isShipped } from '../../knowledge/drills';
import type { Pattern } from '../../body/stance/patterns';
import { groupBy } from '../../foundation/numeric/groupBy';
import { familyOrder } from '../../knowledge/workOrder';
import type { MaybeSide, Side } from '../../foundation/sides/side';
import { LIKELY_ENOUGH } from '../../inference/trace/likelyEnough';
import { probabilityWords } from '../../foundation/words/probability';
import { careOf } from '../../inference/safety/careOf';
import { flagEffects } from '../../inference/safety/flagRules';
import { painRule } from '../../inference/safety/painRule';
import { painEffects } from '../../inference/safety/painRules';
import { FAMILY_DOSES } from '../../knowledge/familyDoses';
import { maybeBestSet } from './bestSet';
import { apart, maybeTwin, withTwins } from './bothSides';
import {
  candidatesOf,
  isPartner,
  needsPartner,
  suspectFirst,
  withPartners,
  type Candidate,
  type PlannedCause,
} from './candidates';
import { drillKey } from '../../knowledge/keys';
import { doseMinutes, maybeFitted } from '../../knowledge/doseSeconds';
import { isGuesswork } from './isGuesswork';
import { lengthened } from './lengthened';
import { leftOutOf, type LeftOut } from './leftOut';
import { maybeAgainst, maybeNerveCare } from './reasonAgainst';
import { type SessionLimits } from './sessionLimits';
import { NO_WISH, type SessionWish } from '../../records/visits/sessionWish';
import { maybeSpare, type SpareReason } from './spareMinutes';
import { brokenRules, type BrokenRule } from './sessionRules';

export interface PlannedDrill {
  /** `hip-rock-back@left` */
  readonly key: string;
  readonly drill: DrillRow;
  readonly side: MaybeSide;
  /** Keys of the causes it is for (`ankle-joint:right`). */
  readonly targets: readonly string[];
  readonly minutes: number;
  readonly dose: Dose;
  /** One sentence: why this one. */
  readonly why: string;
  /** What flags and pain ask of it: easier how, and what to look out for. */
  readonly care: readonly string[];
  /** The coach holds on to it. */
  readonly locked: boolean;
}

export interface SessionPlan {
  readonly drills: readonly PlannedDrill[];
  readonly leftOut: readonly LeftOut[];
  /** Why it does not use its minutes; null when it does. */
  readonly spare: string | null;
  /** Rules that what the coach wants does not keep; empty when nobody asked for anything. */
  readonly broken: readonly BrokenRule[];
  /** What the coach wanted and no caution allows. */
  readonly refused: readonly LeftOut[];
}

/** Drills before the pattern: with more in one session, nobody knows which one worked. */
const mostParts = (minutes: number): number =>
  minutes < 8 ? 2 : minutes < 15 ? 4 : minutes < 25 ? 5 : 6;
/** While nothing is likely, many drills would treat guesses: what makes room and what uses it, until more is asked. */
const MOST_FOR_GUESSES = 2;
/** What one more drill costs in attention, in causes taken away; in a long session there is more of it. */
const PRICE = 0.08;
const USUAL_MINUTES = 15;
const priceIn = (minutes: number): number => PRICE * Math.min(1, USUAL_MINUTES / minutes);

const serves = ({ patterns }: DrillRow, pattern: Pattern): boolean =>
  patterns === undefined || patterns.includes(pattern);

/** Drills that serve a pattern, in the order of the library. */
const libraryFor = (pattern: Pattern, library: readonly DrillRow[]): readonly DrillRow[] =>
  library.filter((drill) => serves(drill, pattern));

/** Sets that a short session has time for: doses shrink before a cause is dropped. */
const mostSets = (minutes: number): number => (minutes < 5 ? 1 : minutes < 8 ? 2 : Infinity);

/** The same in fewer sets, and never in fewer than are usual for its kind. */
function shortened(one: Candidate, minutes: number): Candidate {
  const [least] = FAMILY_DOSES[one.drill.family].sets;
  const sets = Math.min(one.dose.sets, Math.max(least, mostSets(minutes)));
  if (sets === one.dose.sets) return one;
  const dose = { ...one.dose, sets };
  return { ...one, dose, minutes: doseMinutes(dose) };
}

/** What a drill is a way of doing, on its side. */
const ideaOf = ({ drill, side }: Candidate): string =>
  drillKey({ drill: drill.variantOf ?? drill.id, side });

/**
 * Of several ways of doing one thing the first that nothing speaks against and that serves something; none beside
 * one that is held.
 */
function oneWayEach(free: readonly Candidate[], held: readonly Candidate[]): Candidate[] {
  const taken = new Set(held.map(ideaOf));
  const ways = groupBy(
    free.filter((one) => !taken.has(ideaOf(one))),
    ideaOf,
  );
  const chosen = new Set(
    [...ways.values()].map((all) => all.find(({ aimed }) => aimed.length > 0) ?? all[0]),
  );
  return free.filter((one) => chosen.has(one));
}

interface Pool {
  /** What nothing speaks against. */
  readonly free: readonly Candidate[];
  readonly locked: readonly Candidate[];
  readonly refused: readonly LeftOut[];
  readonly all: readonly Candidate[];
}

function poolOf(
  library: readonly DrillRow[],
  likely: readonly PlannedCause[],
  limits: SessionLimits,
  wish: SessionWish,
  sides: readonly Side[],
): Pool {
  const all = library
    .flatMap((drill) => candidatesOf(drill, likely, limits.approach, wish.doses, sides))
    .map((one) => (one.key in wish.doses ? one : shortened(one, limits.minutes)));
  const keys = (list: SessionWish['locked']) => new Set(list.map(drillKey));
  const [wanted, dropped] = [keys(wish.locked), keys(wish.dropped)];
  const against = new Map(all.map((one) => [one.key, maybeAgainst(one, likely, limits)]));
  const asked = all.filter(({ key }) => wanted.has(key));
  const locked = asked.filter(({ key }) => !against.get(key)?.firm);
  const free = all.filter(({ key }) => !against.get(key) && !dropped.has(key) && !wanted.has(key));
  return {
    free: oneWayEach(free, locked),
    locked,
    refused: asked
      .filter(({ key }) => against.get(key)?.firm)
      .map(({ key, drill }) => ({
        drill: drill.id,
        name: drill.name,
        reason: against.get(key)!.reason,
      })),
    all,
  };
}

/** The pattern in as many sets as there is time for on as many sides, and in one when there is hardly any. */
function fitted(one: Candidate, minutes: number, sides: number): Candidate {
  const dose = maybeFitted(one.dose, minutes / sides) ?? { ...one.dose, sets: 1 };
  return { ...one, dose, minutes: sides * doseMinutes(dose) };
}

/** What a session can end with: the plainest of the library, or what serves a likely cause. */
const endsOf = (free: readonly Candidate[]): readonly Candidate[] =>
  free
    .filter(({ drill }) => drill.family === 'pattern')
    .filter(({ aimed }, i) => i === 0 || aimed.length > 0);

/** What is held, the best of everything else, and the pattern to end with. */
function chosenFrom(
  { free, locked }: Pool,
  likely: readonly PlannedCause[],
  minutes: number,
): readonly Candidate[] {
  const among = [...free, ...locked];
  const held = withPartners(locked, among);
  const left = minutes - held.reduce((sum, one) => sum + one.minutes, 0);
  const practised = held.some(({ drill }) => drill.family === 'pattern');
  const paired = withTwins(free);
  const ends = practised
    ? []
    : endsOf(paired).map((one) => fitted(one, left, maybeTwin(one, free) ? 2 : 1));
  const options = withPartners(
    paired.filter(({ drill, aimed }) => drill.family !== 'pattern' && aimed.length > 0),
    among,
  ).filter(({ needs }) => needs === null || needs.length > 0);
  const most = isGuesswork(likely) ? MOST_FOR_GUESSES : mostParts(minutes);
  const limits = { minutes, most: most + 1, price: priceIn(minutes) };
  const found = maybeBestSet({ options, ends, held }, worthOf(likely), limits);
  // No room for what is held and what it needs: the coach hears which rule that breaks.
  return [...held, ...apart(found?.chosen ?? ends.slice(0, 1), free)];
}

/** What makes room goes right before what uses it, whichever kind a school does first. */
function roomFirst(ordered: readonly Candidate[]): readonly Candidate[] {
  return ordered.filter(needsPartner).reduce((list, maker) => {
    const rest = list.filter((one) => one !== maker);
    const user = rest.findIndex((one) => isPartner(maker, one));
    if (user < 0 || list.indexOf(maker) <= user) return list;
    return [...rest.slice(0, user), maker, ...rest.slice(user)];
  }, ordered);
}

/** In the order of the approach, the pattern last; what the coach ordered, in the coach's order. */
function orderedBy(
  set: readonly Candidate[],
  approach: SessionLimits['approach'],
  order: readonly string[],
): readonly Candidate[] {
  const families = familyOrder(approach);
  const place = ({ drill }: Candidate) => families.indexOf(drill.family);
  // Sides of one drill stay as they are: the suspect one is first.
  const usual = roomFirst(
    [...set].sort((a, b) => place(a) - place(b) || a.drill.id.localeCompare(b.drill.id)),
  );
  const named = order.flatMap((key) => usual.find((one) => one.key === key) ?? []);
  const queue = [...named];
  return usual.map((one) => (named.includes(one) ? queue.shift()! : one));
}

function whyOf(one: Candidate, session: readonly Candidate[]): string {
  const [main] = one.aimed;
  if (!main)
    return one.drill.family === 'pattern'
      ? 'Every session ends with the pattern itself'
      : 'The coach holds on to it';
  const roomOf = session.find((other) => needsPartner(other) && isPartner(other, one));
  const uses = roomOf ? `; uses the room that ${roomOf.drill.name.toLowerCase()} makes` : '';
  const stop =
    main.stopsInFront && needsPartner(one)
      ? '; it stops in front, and this does not push into that'
      : '';
  return `For: ${main.sentence.toLowerCase()} (${probabilityWords(main.p)})${uses}${stop}`;
}

const nerveCare = (one: Candidate, likely: readonly PlannedCause[]): readonly string[] => {
  const care = maybeNerveCare(one, likely);
  return care ? [care] : [];
};

/** Pain, a flag or a nerve asks for care with it: it stays as small as it was made. */
const needsCare = (
  one: Candidate,
  limits: SessionLimits,
  likely: readonly PlannedCause[],
): boolean =>
  maybeNerveCare(one, likely) !== undefined ||
  painEffects(one.drill, one.side, limits.pains ?? []).length > 0 ||
  flagEffects(one.drill, one.side, limits).some(({ effect }) => effect !== 'warned');

const spareReason = ({ pains = [] }: SessionLimits): SpareReason =>
  pains.some(({ score, kind }) => painRule(score, kind) !== 'go-on') ? 'pain' : 'enough';

const likelyOf = (causes: readonly PlannedCause[]): readonly PlannedCause[] =>
  causes.filter((cause) => cause.p >= LIKELY_ENOUGH);

const worthOf = (likely: readonly PlannedCause[]): ReadonlyMap<string, number> =>
  new Map(likely.map(({ key, p }) => [key, p]));

/** What is held on to and no library has any more: a coach's own drill that was deleted since. */
const goneOf = ({ locked }: SessionWish, library: readonly DrillRow[]): LeftOut[] =>
  locked
    .filter(({ drill }) => !library.some(({ id }) => id === drill) && !isShipped(drill))
    .map(({ drill }) => ({
      drill,
      name: 'A drill of your own',
      reason: 'it is no longer in the library',
    }));

/** What a session would hold, in no order and without the words: what `planSession` chooses. */
export function sessionChoice(
  found: { readonly causes: readonly PlannedCause[] },
  limits: SessionLimits,
): readonly Candidate[] {
  const likely = likelyOf(found.causes);
  const pool = poolOf(
    libraryFor(limits.pattern, DRILLS),
    likely,
    limits,
    NO_WISH,
    suspectFirst(found.causes, limits.pains),
  );
  return chosenFrom(pool, likely, limits.minutes);
}

/** What these drills would take away of causes as likely as these, less their price: what the choice makes most of. */
export function choiceWorth(
  chosen: readonly Candidate[],
  { causes }: { readonly causes: readonly PlannedCause[] },
  { approach, minutes }: SessionLimits,
): number {
  const likely = likelyOf(causes);
  const left = new Map(worthOf(likely));
  for (const { drill, side } of chosen) {
    const again = candidatesOf(drill, likely, approach).find((one) => one.side === side);
    for (const { target, share } of again?.serves ?? [])
      left.set(target, left.get(target)! * (1 - share));
  }
  const taken = likely.reduce((sum, { key, p }) => sum + p - left.get(key)!, 0);
  return taken - priceIn(minutes) * chosen.length;
}

/**
 * The drills that take most of the likely causes away within the minutes, in the order of the
 * approach, and the pattern to end with. Exact and the same for the same input. A cause that is given
 * is aimed at by nothing but a change of set-up; what makes room has an active drill beside it that uses
 * it; contra-indicated drills are never candidates, and what was left out is told. What the coach holds
 * on to is kept, unless a caution forbids it, and the rules it breaks are told.
 */
export function planSession(
  found: { readonly causes: readonly PlannedCause[] },
  limits: SessionLimits,
  wish: SessionWish = NO_WISH,
  drills: readonly DrillRow[] = DRILLS,
): SessionPlan {
  const likely = likelyOf(found.causes);
  const library = libraryFor(limits.pattern, drills);
  const pool = poolOf(library, likely, limits, wish, suspectFirst(found.causes, limits.pains));
  const set = chosenFrom(pool, likely, limits.minutes);
  const isGuess = isGuesswork(likely);
  const isShort = mostSets(limits.minutes) < Infinity;
  const mayGrow = (one: Candidate) => !(one.key in wish.doses) && !needsCare(one, limits, likely);
  const session = orderedBy(
    isGuess || isShort ? set : lengthened(set, limits, mayGrow),
    limits.approach,
    wish.order,
  );
  const locked = new Set(pool.locked.map(({ key }) => key));
  return {
    drills: session.map((one) => ({
      key: one.key,
      drill: one.drill,
      side: one.side,
      targets: one.aimed.map(({ key }) => key),
      minutes: one.minutes,
      dose: one.dose,
      why: whyOf(one, session),
      care: [...careOf(one.drill, one.side, limits), ...nerveCare(one, likely)],
      locked: locked.has(one.key),
    })),
    leftOut: leftOutOf(pool.all, session, likely, limits, wish),
    spare: maybeSpare(
      session,
      limits.minutes,
      // Where nothing is likely there is not even a guess to work on.
      isGuess || likely.length === 0 ? 'guess' : spareReason(limits),
    ),
    broken: brokenRules(session, likely, limits),
    refused: [...pool.refused, ...goneOf(wish, library)],
  };
}
