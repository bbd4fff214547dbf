import { noteTouch } from '../touched';
import { createStore } from '../../device/store';

/** Stands while the screen is locked, over reloads and in every tab; the id of whoever is signed in. */
const KEY = 'taxikine/locked';

function maybeKept(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}

/** Whose screen is locked; null while none is. */
export const locked = createStore(maybeKept());

/** Hides everything until the one who is signed in is here again; what is unsent goes on being sent. */
export function lock(coachId: string): void {
  locked.set(coachId);
  try {
    localStorage.setItem(KEY, coachId);
  } catch (error) {
    console.warn('locked in this tab alone', error);
  }
}

export function unlock(): void {
  noteTouch();
  locked.set(null);
  try {
    localStorage.removeItem(KEY);
  } catch {
    // Nothing was kept.
  }
}

/** What another tab did. */
export function followLock(): () => void {
  const take = ({ key }: StorageEvent) => {
    if (key === KEY) locked.set(maybeKept());
  };
  window.addEventListener('storage', take);
  return () => window.removeEventListener('storage', take);
}
