import type { CauseId } from '../../knowledge/causes';
import type { DrillLoad } from '../../knowledge/drillLoad';
import { KIT } from '../../knowledge/kit';
import { loadOf } from '../../knowledge/loadOf';
import type { CareFor } from '../../inference/safety/careOf';
import { maybeBarred } from '../../inference/safety/maybeBarred';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Candidate, PlannedCause } from './candidates';

type Wanted = Pick<Candidate, 'drill' | 'side' | 'aimed'>;

/** What is known of the client, with what was told to hurt in this visit, and what there is for it. */
export interface AgainstLimits extends CareFor {
  readonly next: 'training' | 'rest';
}

export interface Against {
  readonly rule: 'flag' | 'pain' | 'nerve' | 'given' | 'hold-before-training' | 'kit';
  /** A caution: nobody can choose around it. What is left is the coach's to decide. */
  readonly firm: boolean;
  readonly reason: string;
}

/** Families that keep a line on stretch; a nerve beside it is slid and never held. */
const HELD: readonly string[] = ['hold', 'tissue'];
/** A slide is meant for the nerve, and the pattern is only cut short of it. */
const GOES_ON: readonly string[] = ['nerve', 'pattern'];
const NERVE_LINES: Readonly<Partial<Record<CauseId, DrillLoad['line']>>> = {
  'nerve-back': 'back-of-leg',
  'nerve-front': 'front-of-leg',
};

const onSameSide = (a: MaybeSide, b: MaybeSide): boolean => a === null || b === null || a === b;

const nervesOf = (
  { drill, side }: Wanted,
  likely: readonly PlannedCause[],
): readonly PlannedCause[] => {
  const { stance } = loadOf(drill);
  const isOfBoth = stance === 'two' || stance === 'staggered';
  return likely.filter(
    (cause) => cause.kind === 'nerve' && (isOfBoth || onSameSide(cause.side, side)),
  );
};

/** Nothing is held beside a likely nerve, and nothing but a slide moves along its line. */
function nerveWaits(wanted: Wanted, likely: readonly PlannedCause[]): boolean {
  const { line } = loadOf(wanted.drill);
  const { family } = wanted.drill;
  return nervesOf(wanted, likely).some(
    ({ cause }) =>
      HELD.includes(family) || (!GOES_ON.includes(family) && line && NERVE_LINES[cause] === line),
  );
}

/** What a pattern that lengthens the line of a likely nerve asks for. */
export const maybeNerveCare = (
  wanted: Wanted,
  likely: readonly PlannedCause[],
): string | undefined => {
  const { line } = loadOf(wanted.drill);
  return wanted.drill.family === 'pattern' &&
    line &&
    nervesOf(wanted, likely).some(({ cause }) => NERVE_LINES[cause] === line)
    ? 'Stop before the line along the leg is felt; nothing electric, nothing that lingers.'
    : undefined;
};

/** A given joint is fitted around, or held tidy by the pattern; nothing tries to free it. */
const forcesGiven = ({ drill, aimed }: Wanted): boolean =>
  !['fit', 'pattern', 'ladder'].includes(drill.family) &&
  aimed.length > 0 &&
  aimed.every(({ kind }) => kind === 'given');

const firm = (rule: Against['rule'], reason: string): Against => ({ rule, firm: true, reason });
const soft = (rule: Against['rule'], reason: string): Against => ({ rule, firm: false, reason });

/** Why a drill is not for this client today; null when nothing speaks against it. */
export function maybeAgainst(
  wanted: Wanted,
  likely: readonly PlannedCause[],
  limits: AgainstLimits,
): Against | null {
  const { drill, side } = wanted;
  const { next, kit } = limits;
  const barred = maybeBarred(drill, side, limits);
  if (barred) return firm(barred.by, barred.says);
  if (nerveWaits(wanted, likely)) return firm('nerve', 'a nerve is slid, never stretched or held');
  if (forcesGiven(wanted)) return firm('given', 'what is given is fitted around, not worked on');
  if (drill.family === 'hold' && next === 'training')
    return soft('hold-before-training', 'long holds wait until after training');
  const missing = kit && drill.kit.find((one) => !kit.includes(one));
  if (missing)
    return soft('kit', `needs: ${KIT.find(({ id }) => id === missing)!.name.toLowerCase()}`);
  return null;
}
