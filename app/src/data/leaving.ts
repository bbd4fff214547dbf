import { call, Refused } from './api';
import { createStore } from '../device/store';

/** `public/first-ask.js` reads it, too: nobody's session is asked for while it stands. */
const MARK = 'taxikine/leaving';

/** Null where the browser keeps nothing: then this tab remembers. */
function maybeMarked(): boolean | null {
  try {
    return localStorage.getItem(MARK) !== null;
  } catch {
    return null;
  }
}

/** Somebody signed out on this device, and the server has not heard of it: their cookie still lets in. */
export const leaving = createStore(maybeMarked() ?? false);

/** Also what another tab did since. */
export function isLeaving(): boolean {
  const marked = maybeMarked() ?? leaving.get();
  if (marked !== leaving.get()) leaving.set(marked);
  return marked;
}

function mark(stands: boolean): void {
  try {
    if (stands) localStorage.setItem(MARK, '1');
    else localStorage.removeItem(MARK);
  } catch (error) {
    console.warn('not marked', error);
  }
  leaving.set(stands);
}

/** One after the other in all tabs: a sign-out that is late must not end the session of who signs in after it. */
export const inTurn = <T>(work: () => Promise<T>): Promise<T> =>
  navigator.locks ? (navigator.locks.request('taxikine-door', work) as Promise<T>) : work();

/** Only in turn: tells the server that somebody left, if it has not heard. Throws while it cannot be told. */
export async function tellNow(): Promise<void> {
  if (!isLeaving()) return;
  await call('DELETE', '/session').catch((error: unknown) => {
    if (!(error instanceof Refused && error.status === 401)) throw error;
  });
  mark(false);
}

/** Tells the server that somebody left as soon as it can; whoever waits for it asks again. */
export const tellLeaving = (): Promise<void> => inTurn(tellNow).catch(() => undefined);

/** From here on nobody is signed in on this device, whether or not the server is there to hear it. */
export function leave(): Promise<void> {
  mark(true);
  return tellLeaving();
}
