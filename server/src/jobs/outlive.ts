import type { Logger } from 'pino';
import { isAway } from '../database/databaseErrors';

/**
 * What is done with a promise that nobody waits for. The queue lets go of what it says of a job that ended: when the line
 * to the database is cut in that moment, nobody hears of it. The job is tried again when its time is over; to end the
 * worker for it would take others with it. Anything else ends it, as it should.
 *
 * @throws what it was given, where it is no lost line
 */
export const outlive =
  (log: Logger) =>
  (error: unknown): void => {
    if (!isAway(error)) throw error;
    log.warn('a line to the database was lost under a job');
  };
