import { Z_95 } from '../../foundation/numeric/normal';

/** A mean of readings with its own standard error. */
export interface Measured {
  readonly value: number;
  readonly sem: number;
}

export type Retention =
  /** The gain itself is within measuring error: nothing can be said of how much of it is left. */
  | { readonly status: 'no-gain' }
  | {
      readonly status: 'kept';
      /** Share of the gain that is still there; 1 all of it, 0 none, above 1 more came. */
      readonly share: number;
      /** 95 % interval by Fieller; open to one side where the gain is only just real. */
      readonly interval: readonly [low: number, high: number];
    };

/**
 * How much of a session's gain was left at the next one: (later − before) / (after − before). Both
 * differences share the first measure, so the interval is Fieller's for a ratio of correlated normals
 * (E. C. Fieller, J. R. Stat. Soc. B 16, 1954).
 */
export function retention(before: Measured, after: Measured, later: Measured): Retention {
  const gain = after.value - before.value;
  const left = later.value - before.value;
  const varGain = after.sem ** 2 + before.sem ** 2;
  const varLeft = later.sem ** 2 + before.sem ** 2;
  const shared = before.sem ** 2;
  const z2 = Z_95 ** 2;
  const a = gain ** 2 - z2 * varGain;
  if (a <= 0) return { status: 'no-gain' };
  const b = gain * left - z2 * shared;
  const c = left ** 2 - z2 * varLeft;
  const spread = Math.sqrt(Math.max(0, b * b - a * c));
  return { status: 'kept', share: left / gain, interval: [(b - spread) / a, (b + spread) / a] };
}
