import type { Dose } from '../../knowledge/drillRow';
import { usualDose } from '../../knowledge/familyDoses';
import { isPartner, needsPartner, type Candidate, type PlannedCause } from './candidates';
import { doseWords } from '../../knowledge/doseSeconds';
import { maybeAgainst, type Against } from './reasonAgainst';
import type { SessionLimits } from './sessionLimits';

/** A rule that a session, as the coach wants it, does not keep. */
export interface BrokenRule {
  readonly rule:
    Against['rule'] | 'minutes' | 'dose' | 'partner' | 'pattern-missing' | 'pattern-last';
  /** Key of the drill that breaks it; null when the whole session does. */
  readonly key: string | null;
  readonly says: string;
}

/** Minutes that two roundings can differ by. */
const ROUNDING = 1e-6;

const rounded = (minutes: number): string => (Math.round(minutes * 10) / 10).toFixed(1);

function lengthRule(session: readonly Candidate[], minutes: number): BrokenRule[] {
  const asked = session.reduce((sum, one) => sum + one.minutes, 0);
  if (asked <= minutes + ROUNDING) return [];
  const says = `${rounded(asked)} minutes are asked and ${minutes} are there`;
  return [{ rule: 'minutes', key: null, says }];
}

function patternRule(session: readonly Candidate[]): BrokenRule[] {
  const isPattern = ({ drill }: Candidate) => drill.family === 'pattern';
  const at = session.findIndex(isPattern);
  if (at < 0)
    return [
      {
        rule: 'pattern-missing',
        key: null,
        says: 'the pattern itself is not practised: what is won is not kept',
      },
    ];
  const { key } = session[at];
  // Of a pattern that is done on both sides, neither comes before a part.
  return session.slice(at).every(isPattern)
    ? []
    : [{ rule: 'pattern-last', key, says: 'the pattern comes last, after all its parts' }];
}

const partnerRule = (session: readonly Candidate[]): BrokenRule[] =>
  session
    .filter((one) => needsPartner(one) && !session.some((other) => isPartner(one, other)))
    .map(({ key, drill }) => ({
      rule: 'partner',
      key,
      says: `${drill.name} makes room that no active drill uses`,
    }));

const doseRule = (session: readonly Candidate[]): BrokenRule[] =>
  session
    .filter(({ drill, dose }) => !sameDose(usualDose(drill.family, dose), dose))
    .map(({ key, drill, dose }) => ({
      rule: 'dose',
      key,
      says: `${drill.name}: ${doseWords(dose)} is more, or less, than is usual for such a drill`,
    }));

const sameDose = (a: Dose, b: Dose): boolean => doseWords(a) === doseWords(b);

/** Every rule that a session breaks, each with a sentence for the coach. */
export function brokenRules(
  session: readonly Candidate[],
  likely: readonly PlannedCause[],
  limits: SessionLimits,
): BrokenRule[] {
  const against = session.flatMap((one): BrokenRule[] => {
    const found = maybeAgainst(one, likely, limits);
    return found
      ? [{ rule: found.rule, key: one.key, says: `${one.drill.name}: ${found.reason}` }]
      : [];
  });
  return [
    ...against,
    ...lengthRule(session, limits.minutes),
    ...doseRule(session),
    ...partnerRule(session),
    ...patternRule(session),
  ];
}
