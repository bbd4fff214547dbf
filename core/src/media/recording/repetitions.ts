import { quantile } from '../../foundation/numeric/quantile';
import { smoothed } from './butterworth';

/** One repetition, in steps of the even series: from standing to standing. */
export interface Repetition {
  /** Where the way down begins. */
  readonly start: number;
  /** Between these the body is at the bottom. */
  readonly bottomFrom: number;
  readonly bottomTo: number;
  /** The lowest moment; not a whole step. */
  readonly bottom: number;
  /** Where the way up ends. */
  readonly end: number;
}

/** Slow enough to show nothing but the repetitions, in hertz. */
const SLOW_HZ = 1.5;
/** A movement smaller than this share of the standing height is not a repetition. */
const LEAST_DEPTH = 0.05;
/** Shares of the way from standing to bottom. */
const WENT_DOWN = 0.5;
const CAME_UP = 0.25;
const STANDING = 0.05;
const AT_BOTTOM = 0.06;
/** Shorter than this, in seconds, it is a twitch. */
const LEAST_SECONDS = 0.5;

/** Height of standing and of all the way down, and steps a second. */
interface Scale {
  readonly top: number;
  readonly range: number;
  readonly rate: number;
}

/**
 * Finds repetitions in a height that falls and rises again: hips in a squat, lunge or split, shoulders
 * in a hinge. One that the recording begins or ends in the middle of is not counted.
 *
 * @param height of the body over time, at even steps; any unit
 * @param rate steps a second
 * @param standing height of the standing body in the same unit
 */
export function findRepetitions(
  height: Float32Array,
  rate: number,
  standing: number,
): readonly Repetition[] {
  const slow = smoothed(height, SLOW_HZ, rate);
  const [top, low] = [quantile(slow, 0.9), quantile(slow, 0.03)];
  const range = top - low;
  if (range < LEAST_DEPTH * standing) return [];
  const found: Repetition[] = [];
  let lowest = -1;
  for (let i = 0; i < slow.length; i++) {
    const gone = (top - slow[i]) / range;
    if (gone > WENT_DOWN && lowest < 0) lowest = i;
    if (lowest >= 0 && slow[i] < slow[lowest]) lowest = i;
    if (lowest >= 0 && gone < CAME_UP) {
      const one = aroundBottom(height, slow, lowest, { top, range, rate });
      if (one) found.push(one);
      lowest = -1;
    }
  }
  return found;
}

/** The repetition whose lowest moment is about here; null when it is cut off or a twitch. */
function aroundBottom(
  height: Float32Array,
  slow: Float32Array,
  lowest: number,
  { top, range, rate }: Scale,
): Repetition | null {
  const before = standingFrom(slow, lowest, -1, top, range);
  const after = standingFrom(slow, lowest, 1, top, range);
  if (before === null || after === null || (after - before) / rate < LEAST_SECONDS) return null;
  const near = slow[lowest] + AT_BOTTOM * (Math.min(slow[before], slow[after]) - slow[lowest]);
  let [from, to] = [lowest, lowest];
  while (from > before && slow[from - 1] <= near) from -= 1;
  while (to < after && slow[to + 1] <= near) to += 1;
  const bottom = vertex(height, lowest, Math.max(2, Math.round(0.2 * rate)));
  return { start: before, end: after, bottomFrom: from, bottomTo: to, bottom };
}

/**
 * The step, going away from the bottom, where the body stands again or is as high as it gets before
 * the next time; null where the recording ends before.
 */
function standingFrom(
  slow: Float32Array,
  lowest: number,
  direction: 1 | -1,
  top: number,
  range: number,
): number | null {
  let highest = lowest;
  for (let i = lowest; i >= 0 && i < slow.length; i += direction) {
    if (slow[i] > slow[highest]) highest = i;
    if (top - slow[i] < STANDING * range) return i;
    if (slow[highest] - slow[i] > STANDING * range) break;
  }
  return top - slow[highest] < CAME_UP * range ? highest : null;
}

/** Lowest moment of the parabola through the steps about a low one. */
function vertex(height: Float32Array, lowest: number, half: number): number {
  const from = Math.max(0, lowest - half);
  const to = Math.min(height.length - 1, lowest + half);
  let [s0, s2, s4, h0, h1, h2] = [0, 0, 0, 0, 0, 0];
  const middle = (from + to) / 2;
  for (let i = from; i <= to; i++) {
    const u = i - middle;
    s0 += 1;
    s2 += u * u;
    s4 += u ** 4;
    h0 += height[i];
    h1 += u * height[i];
    h2 += u * u * height[i];
  }
  const curve = (s0 * h2 - s2 * h0) / (s0 * s4 - s2 * s2);
  if (!(curve > 0)) return lowest;
  const at = middle - h1 / s2 / (2 * curve);
  return Math.min(to, Math.max(from, at));
}
