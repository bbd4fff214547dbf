import { createHash, randomInt } from 'node:crypto';
import type { EntityManager } from 'typeorm';

/** So many are given at once. */
export const RECOVERY_CODES = 10;
/** Letters and digits that are not taken for one another. */
const SIGNS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const LENGTH = 10;

const newCode = (): string =>
  Array.from({ length: LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join('');

/** As it is read and written down: five and five. */
const shown = (code: string): string => `${code.slice(0, 5)}-${code.slice(5)}`;

/** However it was typed. 49 bits are not guessed, so that it is kept as a token is. */
const hashOf = (typed: string): Buffer =>
  createHash('sha256')
    .update(typed.toUpperCase().replaceAll(/[^0-9A-Z]/g, ''))
    .digest();

/** New codes for a coach, in place of those they had; told this once. */
export async function renewCodes(manager: EntityManager, coachId: string): Promise<string[]> {
  const codes = Array.from({ length: RECOVERY_CODES }, newCode);
  await manager.query('DELETE FROM recovery_code WHERE coach_id = $1', [coachId]);
  await manager.query(
    `INSERT INTO recovery_code (practice_id, coach_id, code_hash)
     SELECT current_setting('app.practice_id')::uuid, $1, unnest($2::bytea[])`,
    [coachId, codes.map(hashOf)],
  );
  return codes.map(shown);
}

/** Uses a code up; false when it is none of theirs any more. */
export const useCode = async (
  manager: EntityManager,
  coachId: string,
  typed: string,
): Promise<boolean> => {
  const [used] = await manager.query(
    'DELETE FROM recovery_code WHERE coach_id = $1 AND code_hash = $2 RETURNING 1',
    [coachId, hashOf(typed)],
  );
  return used.length > 0;
};

export const countCodes = async (manager: EntityManager, coachId: string): Promise<number> =>
  (
    await manager.query('SELECT count(*)::int AS count FROM recovery_code WHERE coach_id = $1', [
      coachId,
    ])
  )[0].count;
