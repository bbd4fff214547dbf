import { oneCheck } from './checks';

interface Taken {
  readonly check: string;
  /** Whether the pelvis was held. */
  readonly held?: boolean;
}

/** How far the pelvis rolls along in a check, mean and standard deviation in degrees; null where it takes no part. */
export function rollOf(check: string): readonly [mean: number, sd: number] | null {
  const row = oneCheck(check);
  return row.type === 'range' ? (row.roll ?? null) : null;
}

/** Degrees that a reading would have had more, had nobody held the pelvis: what norms and other readings have. */
export const heldBack = ({ check, held }: Taken): number => (held ? (rollOf(check)?.[0] ?? 0) : 0);

/** As it is said after a reading. */
export const HELD_WORDS = 'pelvis held';
