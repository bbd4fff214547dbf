import { useEffect, useState } from 'react';
import { wantsStill } from './wantsStill';

/** One way, in milliseconds. */
const ONE_WAY = 1600;
/** Rest at either end. */
const REST = 500;

/** 0 to 1 to 0 by the clock, with a rest at the ends; the end while still or motion is unwanted. */
export function useBackAndForth(moving: boolean): number {
  const [t, setT] = useState(0);
  useEffect(() => {
    if (!moving || wantsStill()) return;
    let frame = 0;
    const started = performance.now();
    const step = (now: number) => {
      setT(at(now - started));
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [moving]);
  return moving && !wantsStill() ? t : 1;
}

/** Where the movement is after so many milliseconds. */
export function at(ms: number): number {
  const leg = ONE_WAY + REST;
  const place = ms % (2 * leg);
  const there = Math.min(1, place / ONE_WAY);
  return place < leg ? there : 1 - Math.min(1, (place - leg) / ONE_WAY);
}
