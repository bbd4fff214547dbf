import { createHash } from 'node:crypto';
import { RateLimiterPostgres } from 'rate-limiter-flexible';
import type { DataSource } from 'typeorm';
import { AppError } from '../ground/errors';

const WINDOW_S = 15 * 60;
const DAY_S = 86_400;
const KNOWN_FOR_S = 90 * DAY_S;

/** What is counted, and how much of it is let through in a quarter of an hour: what fails, and what floods. */
export const MOST_TRIES = {
  /** One account from one place: somebody mistypes. */
  accountFromPlace: 10,
  /** One account from anywhere: somebody guesses from many places. */
  account: 50,
  /** Accounts from one place. */
  place: 100,
  /** Signatures that are asked for and never come, from one place. */
  passkeysFromPlace: 100,
  /** Letters for another password, to one address. */
  forgotten: 3,
  /** And from one place. */
  forgottenFromPlace: 20,
  /** One link that opens nothing. */
  link: 60,
  /** Links that open nothing, from one place. */
  linksFromPlace: 300,
  /** Words from home by one link: a month of them may come at once, and no more than a few. */
  wordsOfLink: 1500,
} as const;

type Counted = keyof typeof MOST_TRIES;
/** What failed, and of whom. */
export type Failure = readonly [counted: Counted, of: string];

/** A count before and after so many were added. */
interface Added {
  readonly counted: Counted;
  readonly was: number;
  readonly is: number;
}

const isOver = ({ counted, is }: Added): boolean => is > MOST_TRIES[counted];
const isReached = ({ counted, was, is }: Added): boolean =>
  was < MOST_TRIES[counted] && is >= MOST_TRIES[counted];

/** A password of an account that was tried at a place. */
export const ofAccountFrom = (email: string, place: string): Failure => [
  'accountFromPlace',
  `${email}|${place}`,
];

const tooMany = new AppError(429, {
  code: 'too-many-tries',
  message: 'Too many tries.',
  hint: 'Wait a quarter of an hour.',
});

/** Names nobody: accounts and addresses are not kept beside what failed. */
const keyOf = (of: string): string => createHash('sha256').update(of).digest('base64url');

/** Failures, counted where all processes of the server see them. */
export function createTries(source: DataSource) {
  const store = {
    storeClient: source,
    storeType: 'typeorm',
    tableName: 'failed_try',
    tableCreated: true,
    clearExpiredByTimeout: false,
  } as const;
  const limiter = (keyPrefix: string, points: number, duration = WINDOW_S) =>
    new RateLimiterPostgres({ ...store, keyPrefix, points, duration });
  const limiters = Object.fromEntries(
    Object.entries(MOST_TRIES).map(([counted, most]) => [counted, limiter(counted, most)]),
  ) as Record<Counted, RateLimiterPostgres>;
  const places = limiter('known', 1, KNOWN_FOR_S);

  /** Counted in one step where everybody counts: tries that are made at once are all seen. */
  const addTo = async (many: number, [counted, of]: Failure): Promise<Added> => {
    const { consumedPoints } = await limiters[counted].penalty(keyOf(of), many);
    return { counted, is: consumedPoints, was: consumedPoints - many };
  };
  const count = (many: number, failures: readonly Failure[]): Promise<Added[]> =>
    Promise.all(failures.map((failure) => addTo(many, failure)));
  const reachedBy = (added: readonly Added[]): Counted[] =>
    added.filter(isReached).map(({ counted }) => counted);

  return {
    /**
     * Counts what is about to be tried, as if it failed; what turns out right is given back.
     *
     * @returns what has just become as much as is let through
     * @throws AppError 429 when it is more
     */
    take: async (many: number, ...failures: Failure[]): Promise<Counted[]> => {
      const added = await count(many, failures);
      if (added.some(isOver)) throw tooMany;
      return reachedBy(added);
    },
    /** Counts in the same way, and holds nobody back. */
    note: async (many: number, ...failures: Failure[]): Promise<Counted[]> =>
      reachedBy(await count(many, failures)),
    giveBack: async (many: number, ...failures: Failure[]): Promise<void> => {
      for (const [counted, of] of failures) await limiters[counted].reward(keyOf(of), many);
    },
    forget: async ([counted, of]: Failure): Promise<void> => {
      await limiters[counted].delete(keyOf(of));
    },
    /** From here this account was signed in to: whoever guesses elsewhere does not lock it out. */
    isKnown: async (of: string): Promise<boolean> => (await places.get(keyOf(of))) !== null,
    know: async (of: string): Promise<void> => {
      await places.set(keyOf(of), 1, KNOWN_FOR_S);
    },
  };
}

export type Tries = ReturnType<typeof createTries>;

/** Lets go of what is too old to count. */
export const tidyTries = (source: DataSource, now: Date): Promise<unknown> =>
  source.query('DELETE FROM failed_try WHERE expire < $1', [now.getTime()]);
