import { startTransition, useEffect, useRef, useState } from 'react';
import type { PostureQuestion } from '@taxikine/core';
import type { Reach } from './postureApi';
import { startPostureWorker, type PostureWorker } from './postureWorker';

/** An answer with the question it belongs to, which may no longer be the one asked now. */
export type Answered = Reach & { readonly question: PostureQuestion };

interface Waiting {
  readonly question: PostureQuestion;
  readonly thighDeg: number | null;
}

/**
 * The posture at a depth, or the deepest for null, always of the newest question: while one is
 * being solved only the latest of those that came since is kept. No question, no worker.
 */
export function usePosture(
  question: PostureQuestion | null,
  thighDeg: number | null,
): Answered | null {
  const [reach, setReach] = useState<Answered | null>(null);
  const worker = useRef<PostureWorker | null>(null);
  const busy = useRef(false);
  const next = useRef<Waiting | null>(null);
  const key = JSON.stringify([question, thighDeg]);

  useEffect(
    () => () => {
      worker.current?.end();
      worker.current = null;
      busy.current = false;
    },
    [],
  );

  useEffect(() => {
    next.current = question && { question, thighDeg };
    if (!question) return;
    worker.current ??= startPostureWorker();
    const solve = async () => {
      if (busy.current) return;
      busy.current = true;
      try {
        while (next.current && worker.current) {
          const { question: asked, thighDeg: depth } = next.current;
          next.current = null;
          const { ask } = worker.current;
          const answer = await (depth === null ? ask.deepest(asked) : ask.settle(asked, depth));
          startTransition(() => setReach({ ...answer, question: asked }));
        }
      } finally {
        busy.current = false;
      }
    };
    void solve();
    // The key holds every value of the question.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return question && reach;
}
