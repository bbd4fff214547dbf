import {
  dehydrate,
  hydrate,
  type DehydratedState,
  type MutationCacheNotifyEvent,
  type QueryClient,
} from '@tanstack/react-query';
import { createStore, del, get, keys } from 'idb-keyval';
import { noteKeeping } from './keeping';
import { layPendingOver } from './layPendingOver';
import { WRITE_KEY } from './queryClient';

/**
 * Unsent writes in IndexedDB, one box per tab and coach. A box is saved on every change, without
 * waiting; boxes of tabs that are gone are taken over at the next start. Sending a write twice is
 * harmless, losing one is not.
 */
export const outboxPrefix = (coachId: string) => `taxikine/outbox/${coachId}/`;

const tabId = crypto.randomUUID();

/** The store of idb-keyval itself, by the names it gives it. */
const store = createStore('keyval-store', 'keyval');

/**
 * Puts a box down and commits at once: a commit that waits for the page, as it does by itself, is lost
 * with a tab that is closed right after a tap.
 */
const set = (key: string, value: unknown): Promise<void> =>
  store('readwrite', (box) => {
    const done = new Promise<void>((resolve, reject) => {
      box.transaction.oncomplete = () => resolve();
      box.transaction.onabort = () => reject(box.transaction.error ?? new Error('not kept'));
    });
    box.put(value, key);
    box.transaction.commit();
    return done;
  });

/** Only pending writes, marked as paused so that they are sent after they are read back. */
function packed(client: QueryClient): DehydratedState['mutations'] {
  const { mutations } = dehydrate(client, {
    shouldDehydrateQuery: () => false,
    shouldDehydrateMutation: ({ state, options }) =>
      state.status === 'pending' && options.mutationKey?.[0] === WRITE_KEY[0],
  });
  return mutations.map((one) => ({ ...one, state: { ...one.state, isPaused: true } }));
}

/** The browser lets go of this lock when the tab closes or crashes. */
function holdTab(): void {
  void navigator.locks?.request(`taxikine-tab-${tabId}`, () => new Promise(() => undefined));
}

async function liveTabs(): Promise<Set<string>> {
  const held = (await navigator.locks?.query())?.held ?? [];
  return new Set(held.map((lock) => lock.name ?? ''));
}

async function orphanBoxes(coachId: string): Promise<string[]> {
  const live = await liveTabs();
  const boxes = (await keys<string>()).filter((key) =>
    String(key).startsWith(outboxPrefix(coachId)),
  );
  const tabOf = (key: string) => key.slice(outboxPrefix(coachId).length);
  // This tab's own box too: somebody else may have been signed in here meanwhile.
  return boxes.filter((key) => tabOf(key) === tabId || !live.has(`taxikine-tab-${tabOf(key)}`));
}

/** What is in the box changes when a write begins or is through; all else that a write tells is of no weight here. */
const isOfBox = (event: MutationCacheNotifyEvent): boolean =>
  event.type === 'removed' ||
  (event.type === 'updated' && ['pending', 'success', 'error'].includes(event.action.type));

/** Takes over what closed tabs left unsent, starts sending it, and keeps this tab's box from now on. */
export async function openOutbox(client: QueryClient, coachId: string): Promise<() => void> {
  holdTab();
  const own = `${outboxPrefix(coachId)}${tabId}`;
  const orphans = await orphanBoxes(coachId);
  for (const key of orphans) hydrate(client, { queries: [], mutations: (await get(key)) ?? [] });
  layPendingOver(client);
  await set(own, packed(client));
  await Promise.all(orphans.filter((key) => key !== own).map((key) => del(key)));
  const close = client.getMutationCache().subscribe((event) => {
    if (isOfBox(event)) void noteKeeping(set(own, packed(client)));
  });
  void client.resumePausedMutations();
  return () => {
    close();
    // What is left is in the box; in memory it must not go out under somebody else's name.
    client.getMutationCache().clear();
  };
}
