import type { HomeEntry } from '@taxikine/core/records/homeEntries/homeEntry';
import type { HomePage } from '@taxikine/core/planning/home/homePage';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo } from 'react';
import { call, isPassing, Refused } from '../data/api';
import { useStore } from '../device/store';
import { today } from '../words/when';
import { drawer, keptChanges } from './keptOnDevice';

/** Often enough that a log is out soon after the signal is back. */
const TRY_AGAIN_MS = 5000;
const ASK_EVERY_MS = 30_000;
/** The server takes no more in one go. */
const AT_ONCE = 100;
const LAST = 'last';

const bearer = (token: string) => ({ Authorization: `Bearer ${token}` });

/** The page and what waits to be sent, in drawers of this link's own. */
const drawersOf = (token: string) => ({
  pages: drawer<HomePage>(`page:${token}`),
  waiting: drawer<HomeEntry>(`waiting:${token}`),
  refused: drawer<string>(`refused:${token}`),
});

/** A link that opens nothing any more: what it showed is wiped from the device; what was not sent is not. */
const isGone = (error: unknown): error is Refused =>
  error instanceof Refused && error.status === 410;

export type PageState =
  | { readonly status: 'reading' }
  | { readonly status: 'gone'; readonly words: string }
  | { readonly status: 'no-answer' }
  | {
      readonly status: 'open';
      readonly page: HomePage;
      /** All that was said, sent or not. */
      readonly entries: readonly HomeEntry[];
      readonly unsent: number;
      /** Said about a plan that the coach has changed since. */
      readonly planChanged: boolean;
      /** The server's word when it would not take something; null when it takes all. */
      readonly refused: string | null;
      readonly offline: boolean;
      readonly say: (entry: HomeEntry) => void;
    };

/** Sends what waits while the link is open; it is let go of only when the page has been read again with it. */
function useSending(
  token: string,
  isOver: boolean,
  refetch: () => Promise<{ isSuccess: boolean }>,
): void {
  const changes = useStore(keptChanges);
  const send = useCallback(async () => {
    const { waiting, refused } = drawersOf(token);
    const entries = waiting.all().slice(0, AT_ONCE);
    if (entries.length === 0) return;
    try {
      const answer = await call<{ kept: string[] }>(
        'POST',
        '/home/entries',
        { entries },
        bearer(token),
      );
      if (refused.maybe(LAST)) refused.drop(LAST);
      if ((await refetch()).isSuccess) answer.kept.forEach(waiting.drop);
    } catch (error) {
      // Nobody there: it waits. A refusal will not change by asking again, and is shown.
      if (isPassing(error) || isGone(error) || !(error instanceof Refused)) return;
      if (refused.maybe(LAST) !== error.message) refused.put(LAST, error.message);
    }
  }, [token, refetch]);
  useEffect(() => {
    if (isOver) return;
    void send();
    const timer = setInterval(() => void send(), TRY_AGAIN_MS);
    const now = () => void send();
    window.addEventListener('online', now);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', now);
    };
  }, [send, changes, isOver]);
}

/** Whether something of today was said of the plan as it was before the coach changed it. */
const isAboutAnotherPlan = ({ plan }: HomePage, entries: readonly HomeEntry[]): boolean =>
  plan !== null &&
  entries.some(
    ({ on, planId, planVersion }) =>
      on === today() && (planId !== plan.id || planVersion !== plan.version),
  );

/** What a link shows: from this device at once, from the server when it answers. */
export function usePage(token: string): PageState {
  const drawers = useMemo(() => drawersOf(token), [token]);
  useStore(keptChanges);
  const query = useQuery({
    queryKey: ['home-page', token],
    queryFn: async () => {
      try {
        const page = await call<HomePage>('GET', `/home?day=${today()}`, undefined, bearer(token));
        drawers.pages.put('now', page);
        return page;
      } catch (error) {
        if (isGone(error)) drawers.pages.drop('now');
        throw error;
      }
    },
    retry: false,
    // What is gone stays gone: nobody is asked again.
    refetchInterval: ({ state }) => (isGone(state.error) ? false : ASK_EVERY_MS),
    refetchOnWindowFocus: ({ state }) => !isGone(state.error),
    refetchOnReconnect: ({ state }) => !isGone(state.error),
  });
  const { refetch } = query;
  useSending(token, isGone(query.error), refetch);
  const page = query.data ?? drawers.pages.maybe('now');
  if (isGone(query.error)) return { status: 'gone', words: query.error.message };
  if (!page) return { status: query.isError ? 'no-answer' : 'reading' };
  const waiting = drawers.waiting.all();
  const known = new Set(page.entries.map(({ id }) => id));
  const unsent = waiting.filter(({ id }) => !known.has(id));
  const entries = [...page.entries, ...unsent];
  return {
    status: 'open',
    page,
    entries,
    unsent: unsent.length,
    refused: drawers.refused.maybe(LAST),
    planChanged: isAboutAnotherPlan(page, entries),
    offline: query.isError,
    say: (entry) => drawers.waiting.put(entry.id, entry),
  };
}
