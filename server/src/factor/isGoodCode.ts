import type { EntityManager } from 'typeorm';
import { maybeStepOf } from './authenticator';

/**
 * Whether the authenticator makes this code now. Each is good once, and none that is older than the last one:
 * whoever looks over a shoulder comes too late.
 */
export async function isGoodCode(
  manager: EntityManager,
  coachId: string,
  { secret, code, now }: { secret: string; code: string; now: Date },
): Promise<boolean> {
  const step = maybeStepOf(secret, code, now);
  if (step === null) return false;
  const [used] = await manager.query(
    'UPDATE second_factor SET last_step = $2 WHERE coach_id = $1 AND last_step < $2 RETURNING 1',
    [coachId, step],
  );
  return used.length > 0;
}
