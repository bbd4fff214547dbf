import { createStore, type Store } from '../device/store';

export type PartState<T> =
  | { readonly status: 'coming' }
  | { readonly status: 'there'; readonly part: T }
  | { readonly status: 'missing'; readonly error: unknown };

/** A part of the app that is fetched when it is wanted. */
export interface Part<T> {
  readonly state: Pick<Store<PartState<T>>, 'get' | 'subscribe'>;
  /** Fetches it unless it is there or on its way; after a failure, tries anew. */
  readonly fetch: () => void;
}

/** @param load fetches the part; it may be called again after it has failed */
export function createPart<T>(load: () => Promise<T>): Part<T> {
  const state = createStore<PartState<T>>({ status: 'coming' });
  let isOnItsWay = false;
  const end = (next: PartState<T>) => {
    isOnItsWay = false;
    state.set(next);
  };
  const fetch = () => {
    if (isOnItsWay || state.get().status === 'there') return;
    isOnItsWay = true;
    // A retry leaves its words standing until it has come to something: they do not flicker.
    load().then(
      (part) => end({ status: 'there', part }),
      (error: unknown) => end({ status: 'missing', error }),
    );
  };
  return { state, fetch };
}
