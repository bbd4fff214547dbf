import type { EntityManager } from 'typeorm';

/** A coach's authenticator; `onSince` is null until a code of it was given. */
export interface Factor {
  readonly secret: string;
  readonly onSince: string | null;
}

/** Held until the work is over: a code is good once. */
export async function maybeFactorOf(
  manager: EntityManager,
  coachId: string,
): Promise<Factor | null> {
  const [row] = await manager.query(
    'SELECT secret, on_since FROM second_factor WHERE coach_id = $1 FOR UPDATE',
    [coachId],
  );
  return row ? { secret: row.secret, onSince: row.on_since?.toISOString() ?? null } : null;
}

/** Whether a code is asked for at the door. */
export const isFactorOn = async (manager: EntityManager, coachId: string): Promise<boolean> =>
  Boolean((await maybeFactorOf(manager, coachId))?.onSince);
