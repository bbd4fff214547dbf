import type { ClientTrends } from '@taxikine/core/reading/trends/clientTrends';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { startTransition, useCallback, useEffect, useState } from 'react';
import { askTrends } from './askTrends';

/** A worker that could not be loaded is asked for again, as the words beside it promise. */
const RETRY_MS = 5000;

export interface Trends {
  /** Null until they are known; those of the file before while newer ones are on their way. */
  readonly trends: ClientTrends | null;
  readonly error: unknown;
  readonly again: () => void;
}

/** What a client's file says over time; nothing before there is a file. */
export function useTrends(file: ClientFile | undefined): Trends {
  const [trends, setTrends] = useState<ClientTrends | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [asked, setAsked] = useState(0);
  useEffect(() => {
    let current = true;
    if (!file) return;
    askTrends(file).then(
      (found) => current && startTransition(() => setTrends(found)),
      (problem) => current && setError(problem),
    );
    return () => {
      current = false;
    };
  }, [file, asked]);
  const again = useCallback(() => {
    setError(null);
    setAsked((count) => count + 1);
  }, []);
  useEffect(() => {
    if (error === null) return;
    const timer = setTimeout(again, RETRY_MS);
    return () => clearTimeout(timer);
  }, [error, again]);
  return { trends, error, again };
}
