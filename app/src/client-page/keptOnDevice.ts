import { createStore } from '../device/store';

/** Grows with every change, so that whoever shows what is kept here reads it again. */
const changes = createStore(0);
export const keptChanges = changes;

window.addEventListener('storage', () => changes.set((count) => count + 1));

/**
 * A small drawer in the browser's storage, written at the very tap: a tab that is closed right after it
 * has lost nothing. Every thing has a key of its own, so that two tabs cannot undo one another.
 */
export function drawer<T>(name: string) {
  const prefix = `taxikine-home:${name}:`;
  return {
    put: (id: string, value: T): void => {
      localStorage.setItem(prefix + id, JSON.stringify(value));
      changes.set((count) => count + 1);
    },
    maybe: (id: string): T | null => {
      const text = localStorage.getItem(prefix + id);
      return text ? (JSON.parse(text) as T) : null;
    },
    drop: (id: string): void => {
      localStorage.removeItem(prefix + id);
      changes.set((count) => count + 1);
    },
    all: (): T[] =>
      Object.keys(localStorage)
        .filter((key) => key.startsWith(prefix))
        .map((key) => JSON.parse(localStorage.getItem(key)!) as T),
  };
}
