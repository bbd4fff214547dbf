import type { Mixture } from './mixture';

/** One reading of a series. */
export interface TrendReading {
  /** Days since any fixed moment; may be a fraction, and days may be missing. */
  readonly day: number;
  readonly value: number;
  /** Measuring error of this reading. */
  readonly sem: number;
}

/** The true level on a day of a reading, given all readings. */
export interface TrendLevel {
  readonly day: number;
  readonly level: number;
  readonly sd: number;
}

export interface LocalTrend {
  readonly levels: readonly TrendLevel[];
  /** The level so many days after the last reading. */
  readonly levelAhead: (days: number) => Mixture;
  /** What would be read then, with a measuring error of `sem`: level, ordinary day and error together. */
  readonly readingAhead: (days: number, sem: number) => Mixture;
}

/** How a level may move, as shares of the usual spread between people. */
interface Motion {
  /** Wandering of the level, squared, a day. */
  readonly wander: number;
  /** Standard deviation of the slope, a day. */
  readonly slope: number;
}

/** Tried all, and weighed by how well each foretold the readings. Ours. */
export const MOTIONS: readonly Motion[] = [0, 0.0003, 0.0012].flatMap((wander) =>
  [0.002, 0.006, 0.014, 0.03].map((slope) => ({ wander, slope })),
);
/** A slope is half gone after so many days: gains slow down, and so do losses. */
export const HALF_LIFE_DAYS = 28;
/** What an ordinary day adds to a reading, as a share of the usual spread between people. */
export const DAY_SHARE = 0.25;
/** Before the first reading the level may be anywhere. */
export const ANYWHERE = 6;

const K = Math.LN2 / HALF_LIFE_DAYS;

/** Mean and covariance of level and slope. */
interface State {
  readonly level: number;
  readonly slope: number;
  readonly p: readonly [ll: number, ls: number, ss: number];
}

interface Step {
  readonly before: State;
  readonly after: State;
  /** Days since the step before. */
  readonly days: number;
}

/**
 * The state some days later: the slope is an Ornstein–Uhlenbeck process, the level its integral and a
 * random walk; exact for any number of days, so that missing ones cost nothing.
 */
function later(state: State, days: number, { wander, slope }: Motion, scale: number): State {
  const phi = Math.exp(-K * days);
  const reach = (1 - phi) / K;
  const s2 = (slope * scale) ** 2;
  const [ll, ls, ss] = state.p;
  const integral = (s2 / K ** 2) * Math.max(0, 2 * K * days - 3 + 4 * phi - phi ** 2);
  return {
    level: state.level + reach * state.slope,
    slope: phi * state.slope,
    p: [
      ll + 2 * reach * ls + reach ** 2 * ss + integral + wander * scale ** 2 * days,
      phi * (ls + reach * ss) + (s2 / K) * (1 - phi) ** 2,
      phi ** 2 * ss + s2 * (1 - phi ** 2),
    ],
  };
}

/** The state after a reading, and how likely the reading was. */
function updated(state: State, value: number, noise: number): { after: State; logLike: number } {
  const [ll, ls, ss] = state.p;
  const total = ll + noise;
  const off = value - state.level;
  const [gain, gainSlope] = [ll / total, ls / total];
  return {
    after: {
      level: state.level + gain * off,
      slope: state.slope + gainSlope * off,
      p: [ll * (1 - gain), ls * (1 - gain), ss - gainSlope * ls],
    },
    logLike: -0.5 * (Math.log(2 * Math.PI * total) + off ** 2 / total),
  };
}

const noiseOf = (sem: number, scale: number): number => sem ** 2 + (DAY_SHARE * scale) ** 2;

function filtered(readings: readonly TrendReading[], motion: Motion, scale: number) {
  const [first] = readings;
  let now: State = {
    level: first.value,
    slope: 0,
    p: [(ANYWHERE * scale) ** 2, 0, (motion.slope * scale) ** 2],
  };
  let logLike = 0;
  let day = first.day;
  const steps = readings.map((reading): Step => {
    const days = reading.day - day;
    const before = later(now, days, motion, scale);
    const read = updated(before, reading.value, noiseOf(reading.sem, scale));
    [now, day] = [read.after, reading.day];
    logLike += read.logLike;
    return { before, after: read.after, days };
  });
  return { steps, logLike };
}

/** Levels given all readings, later ones as well (H. Rauch, F. Tung, C. Striebel, AIAA J. 3(8), 1965). */
function smoothed(steps: readonly Step[]): { level: number; variance: number }[] {
  let next = steps.at(-1)!.after;
  const out = [{ level: next.level, variance: next.p[0] }];
  for (let i = steps.length - 2; i >= 0; i--) {
    const { after } = steps[i];
    const { before: ahead, days } = steps[i + 1];
    const phi = Math.exp(-K * days);
    const reach = (1 - phi) / K;
    const [ll, ls, ss] = after.p;
    // Covariance of the state now with the state ahead, times the inverse of what was foretold of it.
    const c = [ll + reach * ls, phi * ls, ls + reach * ss, phi * ss];
    const [a, b, d] = ahead.p;
    const det = a * d - b * b;
    const g = [
      (c[0] * d - c[1] * b) / det,
      (c[1] * a - c[0] * b) / det,
      (c[2] * d - c[3] * b) / det,
      (c[3] * a - c[2] * b) / det,
    ];
    const [dl, ds] = [next.level - ahead.level, next.slope - ahead.slope];
    const [ea, eb, ed] = [next.p[0] - a, next.p[1] - b, next.p[2] - d];
    const quad = (x: number, y: number, u: number, v: number) =>
      x * (ea * u + eb * v) + y * (eb * u + ed * v);
    next = {
      level: after.level + g[0] * dl + g[1] * ds,
      slope: after.slope + g[2] * dl + g[3] * ds,
      p: [
        ll + quad(g[0], g[1], g[0], g[1]),
        ls + quad(g[0], g[1], g[2], g[3]),
        ss + quad(g[2], g[3], g[2], g[3]),
      ],
    };
    out.unshift({ level: next.level, variance: next.p[0] });
  }
  return out;
}

/** Shares of the motions, by how likely each made the readings. */
function weightsOf(logLikes: readonly number[]): number[] {
  const most = Math.max(...logLikes);
  const raw = logLikes.map((one) => Math.exp(one - most));
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((one) => one / sum);
}

/**
 * A level that moves, seen through measuring error and ordinary days, by a Kalman filter over any days
 * there are. How restless it is nobody knows, so a grid of answers is weighed by the readings themselves.
 *
 * @param readings oldest first, at least one
 * @param scale usual spread between people, in the unit of the readings
 */
export function localTrend(readings: readonly TrendReading[], scale: number): LocalTrend {
  if (readings.length === 0) throw new RangeError('a trend needs a reading');
  const runs = MOTIONS.map((motion) => ({ motion, ...filtered(readings, motion, scale) }));
  const weights = weightsOf(runs.map(({ logLike }) => logLike));
  const paths = runs.map(({ steps }) => smoothed(steps));
  const levels = readings.map(({ day }, i) => {
    const level = weights.reduce((sum, weight, m) => sum + weight * paths[m][i].level, 0);
    const variance = weights.reduce(
      (sum, weight, m) => sum + weight * (paths[m][i].variance + (paths[m][i].level - level) ** 2),
      0,
    );
    return { day, level, sd: Math.sqrt(Math.max(0, variance)) };
  });
  const ahead = (days: number, noise: number): Mixture =>
    runs.map(({ motion, steps }, m) => {
      const state = later(steps.at(-1)!.after, days, motion, scale);
      return { weight: weights[m], mean: state.level, sd: Math.sqrt(state.p[0] + noise) };
    });
  return {
    levels,
    levelAhead: (days) => ahead(days, 0),
    readingAhead: (days, sem) => ahead(days, noiseOf(sem, scale)),
  };
}
