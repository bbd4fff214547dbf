import { startTransition, useEffect, useRef, useState } from 'react';
import type { FigureView } from '@taxikine/core/body/skeleton/camera';
import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import type { Reach } from './postureApi';
import { sharedPostureWorker } from './postureWorker';

/** A depth to stand at, as the solver is asked for it. */
export type Aim = { readonly thighDeg: number } | { readonly trunkLeanDeg: number };

/** A question with how deep to stand (null: as deep as it goes) and where to look from. */
export interface PostureWanted {
  readonly question: PostureQuestion;
  readonly aim: Aim | null;
  readonly view: FigureView;
}

/** An answer with what it answers, which may no longer be what is asked now. */
export type Answered = Reach & PostureWanted;

/**
 * Always the answer to the newest question: while one is being solved only the latest of those that
 * came since is kept. Null asks nothing; another object is another question.
 */
export function usePosture(wanted: PostureWanted | null): Answered | null {
  const [reach, setReach] = useState<Answered | null>(null);
  const busy = useRef(false);
  const next = useRef<PostureWanted | null>(null);

  useEffect(() => {
    next.current = wanted;
    const solve = async () => {
      if (busy.current) return;
      busy.current = true;
      try {
        while (next.current) {
          const asked: PostureWanted = next.current;
          next.current = null;
          const answer = await answerOf(asked);
          startTransition(() => setReach({ ...answer, ...asked }));
        }
      } finally {
        busy.current = false;
      }
    };
    void solve();
  }, [wanted]);
  return wanted && reach;
}

function answerOf({ question, aim, view }: PostureWanted): Promise<Reach> {
  const ask = sharedPostureWorker();
  return aim ? ask.settle(question, aim, view) : ask.deepest(question, view);
}
