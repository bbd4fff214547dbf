import { In, type EntityManager, type EntityTarget } from 'typeorm';
import { AppError } from '../ground/errors';

interface Wanted {
  readonly entity: EntityTarget<{ id: string }>;
  readonly ids: readonly string[];
  /** Whose these are to be; without one, the practice's own. */
  readonly clientId?: string;
  /** What they are called in an archive. */
  readonly kind: string;
}

/**
 * What was put in place only where its id was free is here now, or the id another client's of the practice. Then
 * the rest of it would hang on what is not there.
 *
 * @throws AppError 409 with the id
 */
export async function needHere(
  manager: EntityManager,
  { entity, ids, clientId, kind }: Wanted,
): Promise<void> {
  const where = { id: In([...ids]), ...(clientId ? { clientId } : {}) };
  const rows = await manager.find(entity, { where, select: { id: true } });
  const here = new Set(rows.map(({ id }) => id));
  const taken = ids.find((id) => !here.has(id));
  if (taken === undefined) return;
  throw new AppError(409, {
    code: 'elsewhere',
    message: `The id ${taken} (${kind}) is another client’s here.`,
  });
}
