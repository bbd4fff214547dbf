import { startTransition, useEffect, useState } from 'react';
import type { DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { wantsStill } from '../figure/wantsStill';
import type { Answered } from './usePosture';
import { sharedPostureWorker } from './postureWorker';

export type Found = Extract<Answered, { status: 'found' }>;

/** Time from one posture to the next, in milliseconds. */
const EASE_MS = 320;
/** Postures nearer than this in every variable (metres, radians) follow the hand at once. */
const NEAR = 0.05;

export interface Shown {
  readonly target: Found;
  readonly figure: DrawnFigure;
  /** The posture drawn now. */
  readonly q: readonly number[];
  /** Where the movement to the target began; null when it has arrived. */
  readonly from: readonly number[] | null;
}

const arrived = (target: Found): Shown => ({
  target,
  figure: target.figure,
  q: target.q,
  from: null,
});

/** The next thing to show: at once where little changes, otherwise a movement from what is shown. */
function toward(shown: Shown | null, target: Found, still: boolean): Shown {
  if (!shown || still) return arrived(target);
  const sameScene =
    shown.target.view === target.view && shown.target.question.pattern === target.question.pattern;
  const isNear = target.q.every((value, i) => Math.abs(value - shown.q[i]) < NEAR);
  if (!sameScene || isNear) return arrived(target);
  return { ...shown, target, from: shown.q };
}

/** Slow, fast, slow. */
const eased = (t: number): number => t * t * (3 - 2 * t);

/** The figure on its way from posture to posture; the joints keep their lengths on the way. */
export function useEased(target: Found | null): Shown | null {
  const [shown, setShown] = useState<Shown | null>(null);
  if (target && target !== shown?.target) setShown(toward(shown, target, wantsStill()));
  const moving = shown?.from ? shown : null;
  const key = moving?.target ?? null;
  useEffect(() => {
    if (!moving?.from) return;
    const { target: to, from } = moving;
    const began = performance.now();
    let left = false;
    const step = async () => {
      const t = Math.min(1, (performance.now() - began) / EASE_MS);
      const part = eased(t);
      const figure =
        t === 1
          ? to.figure
          : await sharedPostureWorker().between(to.question, from, to.q, part, to.view);
      if (left) return;
      const q = to.q.map((value, i) => from[i] + part * (value - from[i]));
      startTransition(() => setShown({ target: to, figure, q, from: t === 1 ? null : from }));
      if (t < 1) requestAnimationFrame(() => void step());
    };
    void step();
    return () => {
      left = true;
    };
    // A movement belongs to its target; its frames do not begin it anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return shown;
}
