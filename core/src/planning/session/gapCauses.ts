import { causeKey } from '../../knowledge/keys';
import { smallestRealChange } from '../../inference/change/smallestRealChange';
import type { CauseId } from '../../knowledge/causes';
import { oneCheck, type CheckId } from '../../knowledge/checks';
import { normFor, type Norms } from '../../knowledge/norms';
import { normalCdf } from '../../foundation/numeric/normal';
import type { CheckFinding } from '../../records/case/caseFile';
import type { PlannedCause } from './candidates';

/** The cause whose own-strength drills use the range that a check measures. */
export const CAUSE_OF_RANGE: Readonly<Partial<Record<CheckId, CauseId>>> = {
  'ankle-bend-knee-bent': 'ankle-joint',
  'ankle-bend-knee-straight': 'calf-long',
  'shin-turn-in': 'shin-turn-in',
  'shin-turn-out': 'shin-turn-out',
  'knee-bend': 'knee-bend',
  'hip-bend': 'hip-bend',
  'hip-turn-in': 'hip-turn-in',
  'hip-turn-out': 'hip-turn-out',
  'hip-extend': 'hip-extend',
  'straight-leg-raise': 'hamstring-length',
  'knee-straighten-90': 'hamstring-length',
  'adductor-length': 'adductor-length',
  // With the hip bent the long muscle is slack: what is left is the knee's own.
  'quad-length-hip-bent': 'knee-bend',
  'shoulder-raise': 'shoulder-raise',
  'midback-turn': 'midback',
  'big-toe-bend': 'big-toe',
};

/** The active range is a little less in everybody: a gap is large from so many real changes on. Ours. */
const LARGE_GAP = 1.5;
/** As sure as two readings can make it. */
const SUREST = 0.95;
/** Less is not planned for. */
const LEAST_P = 0.3;

interface Gap {
  /** In smallest real changes. */
  readonly size: number;
  readonly planned: PlannedCause;
}

function gapOf(check: CheckFinding, norms: Norms | undefined): Gap[] {
  const row = oneCheck(check.check);
  const cause = CAUSE_OF_RANGE[check.check];
  if (row.type !== 'range' || !cause || check.passive === undefined || check.active === undefined)
    return [];
  const { usual, restricted, sem } = normFor(row, norms);
  const gap = (check.passive - check.active) * Math.sign(usual[0] - restricted[0]);
  const real = smallestRealChange(sem);
  const p = Math.min(SUREST, normalCdf((gap - LARGE_GAP * real) / (Math.SQRT2 * sem)));
  const side = check.side ?? null;
  const where = side ? `${side} ${row.name.toLowerCase()}` : row.name.toLowerCase();
  const key = `${causeKey(cause, side)}:gap`;
  const sentence = `${where}: ${Math.round(gap)}° more when moved than by itself`;
  const planned = { key, cause, side, kind: 'strength', sentence, p, ownStrength: true } as const;
  return p < LEAST_P ? [] : [{ size: gap / real, planned }];
}

/**
 * Ranges that are there and cannot be used, each as something to plan for: only what works by own strength
 * takes it away. Of two checks of one range the larger gap counts.
 */
export function gapCauses(checks: readonly CheckFinding[], norms?: Norms): PlannedCause[] {
  const gaps = checks.flatMap((check) => gapOf(check, norms)).sort((a, b) => b.size - a.size);
  const all = gaps.map(({ planned }) => planned);
  return all.filter(({ key }, i) => all.findIndex((other) => other.key === key) === i);
}
