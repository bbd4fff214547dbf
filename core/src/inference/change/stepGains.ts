import type { Measured } from './retention';
import { smallestRealChange } from './smallestRealChange';
import { compareMeasures, type Verdict } from './verdict';

/** One measure along a session, with what was done since the one before. */
export interface Taken extends Measured {
  /** Name of what was done just before; null for the first. */
  readonly after: string | null;
}

export interface StepGain extends Verdict {
  readonly step: string;
  readonly change: number;
  /** 95 % interval of the true change over this step. */
  readonly interval: readonly [low: number, high: number];
}

/**
 * What each step of a session did: look, drill, look, drill, look. Each step is held against the error
 * of the two measures on either side of it; neighbouring steps share one, so their gains are not
 * independent and add up to the whole exactly.
 */
export function stepGains(taken: readonly Taken[], betterIs: 'more' | 'less'): StepGain[] {
  return taken.slice(1).map((now, i) => {
    const before = taken[i];
    const sem = Math.hypot(before.sem, now.sem) / Math.SQRT2;
    const { word, pBetter, change } = compareMeasures(before.value, now.value, sem, betterIs);
    const half = smallestRealChange(sem);
    const step = now.after ?? '';
    return { word, pBetter, step, change, interval: [change - half, change + half] };
  });
}
