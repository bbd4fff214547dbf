import type { EntityManager } from 'typeorm';
import { hashOfToken } from './tokens';

/** Within so many minutes the password is not asked for again. */
const CONFIRMED_MIN = 10;

/** Whether whoever holds this session gave the password not long ago. */
export const isConfirmed = async (manager: EntityManager, token: string): Promise<boolean> =>
  (
    await manager.query(
      `SELECT 1 FROM session
       WHERE token_hash = $1 AND confirmed_on > now() - make_interval(mins => $2)`,
      [hashOfToken(token), CONFIRMED_MIN],
    )
  ).length > 0;

/** Keeps that the password was just given. */
export const confirm = (manager: EntityManager, token: string): Promise<unknown> =>
  manager.query('UPDATE session SET confirmed_on = now() WHERE token_hash = $1', [
    hashOfToken(token),
  ]);
