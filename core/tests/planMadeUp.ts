import {
  CAUSES,
  DRILLS,
  oneDrill,
  type CauseId,
  type CauseKind,
  type CauseRow,
  type DrillRow,
  type Family,
  type MaybeSide,
  type PlannedCause,
  type SessionLimits,
} from '../src';
import type { Option } from '../src/planning/session/bestSet';
import type { Candidate } from '../src/planning/session/candidates';

/** What a session of a test has to fit, unless it says otherwise. */
export const ROOMY: SessionLimits = {
  pattern: 'squat',
  minutes: 15,
  flags: [],
  next: 'rest',
  approach: 'blended',
};

/** A cause as a plan takes it, by a key such as `hip-bend:left`. */
export function likely(key: string, part: Partial<PlannedCause> = {}): PlannedCause {
  const [cause, side] = key.split(':');
  return {
    key,
    cause: cause as PlannedCause['cause'],
    side: side === '-' ? null : (side as MaybeSide),
    kind: 'restriction' as CauseKind,
    p: 0.8,
    sentence: `Sentence of ${key}`,
    ...part,
  };
}

const table = CAUSES as readonly CauseRow[];

/** A cause of the table as a plan takes it, so likely. */
export function causeOf(id: CauseId, side: MaybeSide, p: number): PlannedCause {
  const { kind, sentence } = table.find((one) => one.id === id)!;
  return likely(`${id}:${side ?? '-'}`, { kind, sentence, p });
}

/** The first drill of a kind, or a named one with something changed. */
export const firstOf = (family: Family): DrillRow =>
  (DRILLS as readonly DrillRow[]).find((row) => row.family === family)!;

/** A drill on a side with what it would do: share by cause. */
export function candidate(
  drill: DrillRow | string,
  side: MaybeSide,
  serves: readonly (readonly [PlannedCause, number])[] = [],
  part: Partial<Candidate> = {},
): Candidate {
  const row = typeof drill === 'string' ? oneDrill(drill) : drill;
  return {
    key: `${row.id}@${side ?? ''}`,
    minutes: 2,
    serves: serves.map(([{ key }, share]) => ({ target: key, share })),
    needs: null,
    drill: row,
    side,
    dose: row.dose,
    aimed: serves.map(([cause]) => cause),
    ...part,
  };
}

/** A way to serve targets by shares, as the choice of a session takes it; two minutes unless it says otherwise. */
export const option = (
  key: string,
  serves: Readonly<Record<string, number>>,
  { minutes = 2, needs = null }: { minutes?: number; needs?: string[] | null } = {},
): Option => ({
  key,
  minutes,
  serves: Object.entries(serves).map(([target, share]) => ({ target, share })),
  needs,
});
