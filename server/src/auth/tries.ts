import { createHash } from 'node:crypto';
import { RateLimiterPostgres } from 'rate-limiter-flexible';
import type { DataSource } from 'typeorm';
import { AppError } from '../ground/errors';

const WINDOW_S = 15 * 60;
const DAY_S = 86_400;
const KNOWN_FOR_S = 90 * DAY_S;
/** So long a try counts of which nobody has heard how it ended: the server that looked at it may have died. */
const VERDICT_WITHIN_S = 30;

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
  const begun = Object.fromEntries(
    Object.entries(MOST_TRIES).map(([counted, most]) => [
      counted,
      limiter(`begun-${counted}`, most, VERDICT_WITHIN_S),
    ]),
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

  /** Whether more have failed and are being looked at than are let through; who fails is both for a moment. */
  const isTooMany = async ([counted, of]: Failure): Promise<boolean> => {
    const { consumedPoints } = await begun[counted].penalty(keyOf(of));
    const failed = await limiters[counted].get(keyOf(of));
    return consumedPoints + Math.max(failed?.consumedPoints ?? 0, 0) > MOST_TRIES[counted];
  };
  const endOne = async ([counted, of]: Failure): Promise<void> => {
    const { consumedPoints } = await begun[counted].reward(keyOf(of));
    // It had been let go of already.
    if (consumedPoints < 0) await begun[counted].delete(keyOf(of));
  };
  /** What cannot be said now is let go of by itself. */
  const end = async (...failures: Failure[]): Promise<void> => {
    await Promise.allSettled(failures.map(endOne));
  };

  return {
    /**
     * Counts something whose end will be told: by `end`, and by `failed` where it failed. Where it is not, because
     * a server or the database died meanwhile, it counts for half a minute and not as a failure.
     *
     * @throws AppError 429 when as much has failed, or is being looked at, as is let through
     */
    begin: async (...failures: Failure[]): Promise<void> => {
      const over = await Promise.all(failures.map(isTooMany));
      if (!over.includes(true)) return;
      await end(...failures);
      throw tooMany;
    },
    end,
    /**
     * Counts what was begun as failed.
     *
     * @returns what has just become as much as is let through
     */
    failed: async (...failures: Failure[]): Promise<Counted[]> =>
      reachedBy(await count(1, failures)),
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
