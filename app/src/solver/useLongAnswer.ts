import { proxy } from 'comlink';
import { startTransition, useEffect, useState } from 'react';
import type { Progress } from './postureApi';
import { startPostureWorker, type PostureWorker } from './postureWorker';

export type LongAnswer<T> =
  | { readonly status: 'working'; readonly part: number; readonly last: T | null }
  | { readonly status: 'done'; readonly value: T }
  | { readonly status: 'idle' };

const IDLE = { status: 'idle' } as const;

/**
 * A question that takes a while, asked in a worker of its own: its progress is streamed, and as
 * soon as the question changes or the screen is left, the worker is ended.
 *
 * @param key changes with the question; null asks nothing
 */
export function useLongAnswer<T>(
  key: string | null,
  run: (ask: PostureWorker['ask'], onProgress: Progress) => Promise<T>,
): LongAnswer<T> {
  const [answer, setAnswer] = useState<LongAnswer<T>>({ status: 'idle' });
  useEffect(() => {
    if (key === null) return;
    let done = false;
    const onProgress: Progress = (tried, all) =>
      worker &&
      !done &&
      startTransition(() =>
        setAnswer((now) => ({ status: 'working', part: tried / all, last: lastOf(now) })),
      );
    const mine = startPostureWorker();
    let worker: PostureWorker | null = mine;
    void run(mine.ask, proxy(onProgress)).then((value) => {
      done = true;
      if (worker === mine) startTransition(() => setAnswer({ status: 'done', value }));
      mine.end();
    });
    startTransition(() => setAnswer((now) => ({ status: 'working', part: 0, last: lastOf(now) })));
    return () => {
      worker = null;
      mine.end();
    };
    // The key says when the question is another one.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return key === null ? IDLE : answer;
}

export const lastOf = <T>(answer: LongAnswer<T>): T | null =>
  answer.status === 'done' ? answer.value : answer.status === 'working' ? answer.last : null;
