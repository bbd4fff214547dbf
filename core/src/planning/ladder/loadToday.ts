import { placeWords } from '../../knowledge/regions';
import { oneFault } from '../../knowledge/faults';
import type { MaybeSide } from '../../foundation/sides/side';
import { painRule } from '../../inference/safety/painRule';
import type { Gate } from '../../inference/safety/gate';
import { standingOf } from '../../inference/safety/standing';
import type { SeenFault } from '../../records/case/caseFile';
import type { ClientFile } from '../../records/clientFile';
import type { VisitRecord } from '../../records/visits/visitRecord';
import { visitPart, type VisitPart } from '../../inference/visit/visitPart';
import { fillSide } from '../../foundation/words/fill';
import { oneCriterion } from '../../knowledge/ladders/criteria';
import { isLoaded, type Ladder } from '../../knowledge/ladders/ladder';
import { NOT_UNDER_LOAD } from './notUnderLoad';
import { maybeRungAgainst } from './rungAgainst';
import { standingsOf, type Standing } from './standings';

interface LoadFails {
  readonly criterion: 'safety' | 'pain' | 'control' | 'symmetry';
  readonly says: string;
}

/** Do we load it today? With no, what says so; with yes, whether it may be more than last time. */
export type LoadToday =
  | { readonly status: 'yes'; readonly more: boolean }
  | { readonly status: 'no'; readonly fails: readonly LoadFails[] };

/** Place of the first rung with load on it. */
const firstLoaded = ({ rungs }: Ladder): number => rungs.findIndex(isLoaded);

function safetyFails(ladder: Ladder, side: MaybeSide, file: ClientFile, gate: Gate): LoadFails[] {
  const flag = maybeRungAgainst(
    ladder,
    ladder.rungs[firstLoaded(ladder)],
    side,
    standingOf(file.client),
  );
  return [
    ...(gate.status === 'open' ? [] : ['the safety questions are not settled']),
    ...(flag ? [flag] : []),
  ].map((says) => ({ criterion: 'safety', says }));
}

interface SaidPain {
  readonly score: number;
  readonly kind?: string;
  readonly at: string;
}

/** Pain said in this visit, in looks and in drills. */
const painsOf = ({ first, again, drills }: VisitPart): SaidPain[] => [
  ...[first, again].flatMap((look) =>
    (look?.pain ?? []).map(({ score, kind, region, side }) => ({
      score,
      kind,
      at: placeWords(region, side),
    })),
  ),
  ...drills.flatMap(({ pain }) => (pain ? [{ score: pain, at: 'a drill' }] : [])),
];

const painFails = (pains: readonly SaidPain[]): LoadFails[] =>
  pains
    .filter(({ score, kind }) => painRule(score, kind) !== 'go-on')
    .map(({ score, at }) => ({ criterion: 'pain', says: `pain ${score} of 10, ${at}` }));

/** What the last try on the way to load missed. */
function notThere({ tries }: Standing): string {
  const last = tries.at(-1);
  if (!last) return 'the rungs without load are not tried yet';
  if (last.verdict.word === 'pass') return 'a rung without load is still ahead';
  const missed = last.verdict.missed.map((id) => oneCriterion(id).missed);
  return missed.length > 0 ? missed.join(', ') : 'not all sets were done';
}

const controlFails = (ladder: Ladder, own: Standing): LoadFails[] =>
  own.earned >= firstLoaded(ladder) ? [] : [{ criterion: 'control', says: notThere(own) }];

function otherSideFails(ladder: Ladder, other: Standing | undefined): LoadFails[] {
  if (!other || other.earned >= firstLoaded(ladder)) return [];
  return [
    { criterion: 'symmetry', says: `the ${other.side} side is not there: ${notThere(other)}` },
  ];
}

const plainOrMore = ({ grade }: SeenFault): boolean => grade !== 'slight';

/** What today's last look says of the pattern that is to be loaded. */
function lookFails(ladder: Ladder, { visit, first, again }: VisitPart): LoadFails[] {
  const look = again ?? first;
  if (!look || visit.pattern !== ladder.pattern) return [];
  return look.faults.filter(plainOrMore).flatMap((seen): LoadFails[] => {
    const criterion = NOT_UNDER_LOAD[seen.fault];
    const says = fillSide(oneFault(seen.fault).sentence, seen.side ?? null).toLowerCase();
    return criterion ? [{ criterion, says }] : [];
  });
}

/**
 * Whether a ladder is loaded in this visit: only when symmetry, control and pain say yes, and nothing
 * about the client forbids it. Pain of 1 or 2 lets what was carried before be carried again, not more.
 *
 * @param given sides on which something is given: they are not held against the other
 */
export function loadToday(
  ladder: Ladder,
  side: MaybeSide,
  file: ClientFile,
  visit: VisitRecord & { version: number },
  gate: Gate,
): LoadToday {
  const given = givenSides(file);
  const standings = standingsOf(file.drills, ladder, given);
  const own = standings.find((one) => one.side === side)!;
  const other = standings.find((one) => one.side !== side && !given.includes(one.side));
  const today = visitPart(file, visit);
  const pains = painsOf(today);
  const fails = [
    ...safetyFails(ladder, side, file, gate),
    ...painFails(pains),
    ...controlFails(ladder, own),
    ...otherSideFails(ladder, other),
    ...lookFails(ladder, today),
  ];
  if (fails.length > 0) return { status: 'no', fails };
  return { status: 'yes', more: pains.every(({ score }) => score === 0) };
}

/** Sides on which something is given. */
export const givenSides = ({ client }: Pick<ClientFile, 'client'>): readonly MaybeSide[] =>
  client.given.map(({ side }) => side);
