import { createStore } from '../device/store';

/** Why this device keeps nothing: the browser has no storage here, or no room is left. */
export type KeepingTrouble = 'none' | 'full';

/** Null while what is entered is kept on the device. */
export const keepingTrouble = createStore<KeepingTrouble | null>(null);

const isFull = (error: unknown): boolean =>
  error instanceof DOMException && error.name === 'QuotaExceededError';

/** Says what came of keeping something; what could be kept again is no trouble any more. */
export async function noteKeeping(keeping: Promise<unknown>): Promise<void> {
  try {
    await keeping;
    if (keepingTrouble.get() === 'full') keepingTrouble.set(null);
  } catch (error) {
    console.warn('not kept', error);
    keepingTrouble.set(isFull(error) ? 'full' : 'none');
  }
}

/** Opens something kept; where nothing can be, the app goes on without, and it is said. */
export async function openedIfKept(
  open: () => Promise<() => void>,
  without: () => void = () => undefined,
): Promise<() => void> {
  try {
    return await open();
  } catch (error) {
    console.warn('nothing kept here', error);
    keepingTrouble.set('none');
    return without;
  }
}
