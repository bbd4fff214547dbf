import { dehydrate, hydrate, type Query, type QueryClient } from '@tanstack/react-query';
import { createStore, del, delMany, entries, promisifyRequest, type UseStore } from 'idb-keyval';
import { isReadable, type Kept, SHAPE } from './keptAnswer';
import { noteKeeping } from './keeping';
import { ASKED_ANEW } from './askedAnew';
import { PICTURE_IMAGE } from './queryClient';
import { SESSION_KEY } from './session';

const SAVE_EVERY_MS = 600;
/** So many answers are kept, those that were read last; more would only make the device slow. */
const MOST_KEPT = 200;

/** A box of its own for every coach; made when it is first asked for, where the browser can. */
export const answersBox = (coachId: string): UseStore =>
  createStore(`taxikine-answers-${coachId}`, 'answers');

/** Pictures and who is signed in have a place of their own on the device; what is of the house has none. */
const ELSEWHERE: readonly unknown[] = [PICTURE_IMAGE, SESSION_KEY[0], ...ASKED_ANEW];

const isKept = ({ state, queryKey }: Query): boolean =>
  state.status === 'success' && !ELSEWHERE.includes(queryKey[0]);

/** What was kept, the newest first; what is old, of another shape or too much is let go. */
async function takeOut(box: UseStore): Promise<Kept[]> {
  const all = await entries<string, Kept>(box);
  const sorted = all.toSorted(([, a], [, b]) => b.savedAt - a.savedAt);
  const fresh = sorted.filter(([, kept]) => isReadable(kept, Date.now())).slice(0, MOST_KEPT);
  const keys = new Set(fresh.map(([key]) => key));
  const gone = all.map(([key]) => key).filter((key) => !keys.has(key));
  if (gone.length > 0) await delMany(gone, box);
  return fresh.map(([, kept]) => kept);
}

/** Puts answers down and commits at once: a commit that waits for the page is lost with it. */
const putAll = (box: UseStore, all: readonly [string, Kept][]): Promise<void> =>
  box('readwrite', (store) => {
    for (const [key, kept] of all) store.put(kept, key);
    const done = promisifyRequest(store.transaction);
    store.transaction.commit();
    return done;
  });

/** The server has it no more, or not for this coach. */
const isEmptied = ({ type, query }: { type: string; query: Query }): boolean =>
  type === 'updated' && query.state.status === 'error' && query.state.data === undefined;

/** Writes what changed, a moment after it did or when the page goes, and nothing else. */
function savingOf(client: QueryClient, box: UseStore) {
  const changed = new Map<string, Query | null>();
  let timer: ReturnType<typeof setTimeout> | null = null;
  /** Nothing for one that has gone since, or fails again meanwhile. */
  const keptOf = (query: Query): [string, Kept][] =>
    dehydrate(client, {
      shouldDehydrateMutation: () => false,
      shouldDehydrateQuery: (one) => one.queryHash === query.queryHash && isKept(one),
    }).queries.map((packed) => [
      query.queryHash,
      { shape: SHAPE, savedAt: query.state.dataUpdatedAt, query: packed },
    ]);
  const save = async () => {
    timer = null;
    const batch = [...changed];
    changed.clear();
    const gone = batch.filter(([, query]) => query === null).map(([hash]) => hash);
    const there = batch.flatMap(([, query]) => (query ? keptOf(query) : []));
    if (there.length > 0) await putAll(box, there);
    if (gone.length > 0) await delMany(gone, box);
  };
  const note = (query: Query, isGone: boolean) => {
    changed.set(query.queryHash, isGone ? null : query);
    timer ??= setTimeout(() => void noteKeeping(save()), SAVE_EVERY_MS);
  };
  const close = client.getQueryCache().subscribe((event) => {
    if (event.type === 'updated' && event.action.type === 'success') note(event.query, false);
    if (event.type === 'removed' || isEmptied(event)) note(event.query, true);
  });
  // What was sent is no longer in the outbox: opened again without a signal, the app would begin before it.
  const saveNow = () => {
    if (timer === null) return;
    clearTimeout(timer);
    void noteKeeping(save());
  };
  window.addEventListener('pagehide', saveNow);
  return () => {
    window.removeEventListener('pagehide', saveNow);
    close();
  };
}

/** Brings back what this coach read last time and keeps it from now on. Returns what ends the keeping. */
export async function keepQueries(client: QueryClient, coachId: string): Promise<() => void> {
  const box = answersBox(coachId);
  // Where an older app kept everything as one.
  void del(`taxikine/cache/${coachId}`).catch(() => undefined);
  const kept = await takeOut(box);
  hydrate(client, { queries: kept.map(({ query }) => query), mutations: [] });
  return savingOf(client, box);
}
