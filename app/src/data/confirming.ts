import { Refused } from './api';
import { createStore } from '../device/store';

/** Somebody waits for the password to be given again; told whether it was. */
type Waits = (given: boolean) => void;

/** Who waits; the password is asked for while it is not null. */
const waiting = createStore<Waits | null>(null);

export const confirming = {
  ...waiting,
  /** The password was given, or was not and will not be. */
  end: (given: boolean): void => {
    const waits = waiting.get();
    waiting.set(null);
    waits?.(given);
  },
};

const given = (): Promise<boolean> => {
  // Of two who ask, the later one is the one that is looked at.
  confirming.end(false);
  return new Promise((resolve) => waiting.set(() => resolve));
};

const isAsked = (error: unknown): boolean =>
  error instanceof Refused && error.body.code === 'confirm-first';

/**
 * Does what only a password given not long ago opens: where it was longer ago it is asked for, and then it is done.
 * Throws as the work does, and what the server said when the password was not given.
 */
export async function confirmed<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!isAsked(error) || !(await given())) throw error;
    return work();
  }
}
