import { startTransition, useEffect, useState } from 'react';

/**
 * An answer that is worked out beside the page; null until it is known. While a newer one is on its way
 * the last one stays.
 *
 * @param ask changes with the question
 */
export function useAnswer<T>(ask: () => Promise<T>): T | null {
  const [answer, setAnswer] = useState<{ readonly value: T } | null>(null);
  useEffect(() => {
    let current = true;
    void ask().then((value) => {
      if (current) startTransition(() => setAnswer({ value }));
    });
    return () => {
      current = false;
    };
  }, [ask]);
  return answer && answer.value;
}
