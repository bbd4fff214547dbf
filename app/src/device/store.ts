import { useSyncExternalStore } from 'react';

/** The smallest shared state there is: a value, who listens, and a hook. */
export interface Store<T> {
  readonly get: () => T;
  readonly set: (next: T | ((was: T) => T)) => void;
  readonly subscribe: (listener: () => void) => () => void;
}

export function createStore<T>(first: T): Store<T> {
  let value = first;
  const listeners = new Set<() => void>();
  return {
    get: () => value,
    set: (next) => {
      value = typeof next === 'function' ? (next as (was: T) => T)(value) : next;
      for (const listener of listeners) listener();
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

export const useStore = <T>(store: Pick<Store<T>, 'get' | 'subscribe'>): T =>
  useSyncExternalStore(store.subscribe, store.get, store.get);
