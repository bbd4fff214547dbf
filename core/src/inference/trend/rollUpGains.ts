import type { CheckId } from '../../knowledge/checks';
import { groupBy } from '../../foundation/numeric/groupBy';
import type { KeptGain } from './keptGains';

/** Gains of one client. */
export interface ClientGains {
  readonly clientId: string;
  readonly gains: readonly KeptGain[];
}

/** How well a practice's gains in one check last until the next session. */
export interface CheckRetention {
  readonly check: CheckId;
  /** Gains that were more than measuring error, and of how many clients. */
  readonly gains: number;
  readonly clients: number;
  /** Sessions after which nothing more than measuring error had changed. */
  readonly within: number;
  /** Median days until the next session. */
  readonly days: number;
  /** Quartiles of the share that was left; null while there are too few to say. */
  readonly share: { readonly low: number; readonly middle: number; readonly high: number } | null;
}

/** Of fewer gains, or of fewer clients, a practice learns nothing about its work. */
export const LEAST_GAINS = 5;
export const LEAST_CLIENTS = 3;

/** Between the two nearest, as the seventh definition of R. J. Hyndman and Y. Fan (Am. Stat. 50, 1996) has it. */
function quantileOf(sorted: readonly number[], part: number): number {
  const at = (sorted.length - 1) * part;
  const below = Math.floor(at);
  const next = sorted[Math.min(below + 1, sorted.length - 1)];
  return sorted[below] + (at - below) * (next - sorted[below]);
}

const inOrder = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b);

type Gain = KeptGain & { readonly clientId: string };

function retentionOf(check: CheckId, all: readonly Gain[]): CheckRetention {
  const real = all.filter(({ share }) => share !== null);
  const clients = new Set(real.map(({ clientId }) => clientId)).size;
  const shares = inOrder(real.map(({ share }) => share!));
  const enough = real.length >= LEAST_GAINS && clients >= LEAST_CLIENTS;
  const [low, middle, high] = [0.25, 0.5, 0.75].map((part) => quantileOf(shares, part));
  return {
    check,
    gains: real.length,
    clients,
    within: all.length - real.length,
    days: quantileOf(inOrder(all.map(({ days }) => days)), 0.5),
    share: enough ? { low, middle, high } : null,
  };
}

/** Gains of all clients of a practice by check, those known best first. */
export function rollUpGains(rows: readonly ClientGains[]): CheckRetention[] {
  const all = rows.flatMap(({ clientId, gains }) => gains.map((gain) => ({ ...gain, clientId })));
  return [...groupBy(all, ({ check }) => check)]
    .map(([check, of]) => retentionOf(check, of))
    .sort((a, b) => b.gains - a.gains || a.check.localeCompare(b.check));
}
