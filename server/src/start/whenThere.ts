import { setTimeout as delay } from 'node:timers/promises';
import type { Logger } from 'pino';
import { isAway } from '../database/databaseErrors';

const AGAIN_MS = 250;

/**
 * Begins what needs the database as soon as there is one: a process that ends instead is started again and again, on a
 * machine that has the database to bring up. What is wrong with the database otherwise is thrown as it is.
 */
export async function whenThere<T>(begin: () => Promise<T>, log: Logger): Promise<T> {
  for (let tries = 0; ; tries++) {
    try {
      return await begin();
    } catch (error) {
      if (!isAway(error)) throw error;
      if (tries === 0) log.warn('waits for the database');
      await delay(AGAIN_MS);
    }
  }
}
