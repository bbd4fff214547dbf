/** Something to be placed in a week; all of these are plain numbers, whatever they stand for. */
export interface WeekItem {
  readonly key: string;
  /** Of one sitting; more than 0. */
  readonly minutes: number;
  /** What a full week of it is worth. */
  readonly worth: number;
  /** Sittings in a full week. */
  readonly perWeek: number;
  /** On every day on which it can be. */
  readonly must: boolean;
  /** What it tires; two that tire the same are never on days that follow one another. */
  readonly tires: readonly string[];
  /** New: on no day is more than one thing done for the first time. */
  readonly staged: boolean;
}

export interface WeekDay {
  readonly minutes: number;
  /** Most sittings of each item. */
  readonly most: readonly number[];
  /** Sittings that were put here by hand; no rule takes them away. */
  readonly held: readonly number[];
  /** Days on which each item would be if all fitted: it is preferred there, all else equal. */
  readonly suits: readonly boolean[];
}

export interface WeekProblem {
  readonly items: readonly WeekItem[];
  readonly days: readonly WeekDay[];
  /** Whether each day is the one right after the day before it in the list; the first follows the last. */
  readonly follows: readonly boolean[];
}

export interface BestWeek {
  /** Sittings by day and item. */
  readonly counts: readonly (readonly number[])[];
  readonly value: number;
  /** No other week is worth more; false when the search was ended before that was shown. */
  readonly exact: boolean;
}

/**
 * Ways of a day that were looked at, after which what is worth less than a five-hundredth more is let go, and after
 * which the best so far is taken: nobody waits for the last thousandth of a week.
 */
const STRICT_STEPS = 150_000;
const MOST_STEPS = 300_000;
const CLOSE_ENOUGH = 0.002;
/** Two sums closer than this are the same. */
const SAME = 1e-9;
/** What a suiting day is worth, as a share: it decides between equals and outweighs no dose. */
const SUITS = 1e-3;

/** What the k-th sitting of a week adds: the first ones most, a whole week its worth. */
const gainOfDose = ({ worth, perWeek }: WeekItem, k: number): number =>
  k > perWeek ? 0 : (worth * (2 * (perWeek - k) + 1)) / perWeek ** 2;

const gainOfDoses = (item: WeekItem, before: number, count: number): number => {
  let gain = 0;
  for (let k = before + 1; k <= before + count; k++) gain += gainOfDose(item, k);
  return gain;
};

const suitsBonus = (item: WeekItem, suits: boolean): number => (suits ? SUITS * item.worth : 0);

/** What one day adds to a week, given the sittings before it. */
export function gainOfDay(
  { items }: WeekProblem,
  day: WeekDay,
  before: readonly number[],
  counts: readonly number[],
): number {
  return items.reduce(
    (sum, item, i) =>
      counts[i] === 0
        ? sum
        : sum + gainOfDoses(item, before[i], counts[i]) + suitsBonus(item, day.suits[i]),
    0,
  );
}

const minutesIn = (items: readonly WeekItem[], counts: readonly number[]): number =>
  items.reduce((sum, { minutes }, i) => sum + minutes * counts[i], 0);

/** Whether what is on one day tires what was tired the day before, beyond what was put there by hand. */
export function tiresTwice(
  items: readonly WeekItem[],
  [earlier, earlierDay]: readonly [readonly number[], WeekDay],
  [later, laterDay]: readonly [readonly number[], WeekDay],
): boolean {
  return items.some(
    (one, i) =>
      later[i] > 0 &&
      items.some(
        (other, j) =>
          earlier[j] > 0 &&
          !(laterDay.held[i] > 0 && earlierDay.held[j] > 0) &&
          one.tires.some((part) => other.tires.includes(part)),
      ),
  );
}

/** Whether a day brings more than one new thing, beyond what was put there by hand. */
export function bringsTooMuchNew(
  items: readonly WeekItem[],
  { held }: WeekDay,
  before: readonly number[],
  counts: readonly number[],
): boolean {
  const firsts = items.flatMap(({ staged }, i) =>
    staged && before[i] === 0 && counts[i] > 0 ? [held[i] > 0] : [],
  );
  const free = firsts.filter((byHand) => !byHand).length;
  return free > 0 && firsts.length > 1;
}

/** Whether a day brings more than a full week of anything, beyond what is held or must be. */
export const isTooMuch = (
  items: readonly WeekItem[],
  { held }: WeekDay,
  before: readonly number[],
  counts: readonly number[],
): boolean =>
  items.some(
    ({ perWeek, must }, i) => counts[i] > Math.max(held[i], must ? 1 : 0, perWeek - before[i]),
  );

/**
 * Every way to fill one day by its own rules. Where there is no time for what must be, it is not there;
 * where what is held is too much, that and nothing else.
 */
export function waysOfDay(items: readonly WeekItem[], day: WeekDay): number[][] {
  const fits = (counts: readonly number[]) => minutesIn(items, counts) <= day.minutes + SAME;
  const wanted = items.map(({ must }, i) => Math.max(day.held[i], must && day.most[i] > 0 ? 1 : 0));
  if (!fits(day.held)) return [[...day.held]];
  const least = fits(wanted) ? wanted : day.held;
  let ways: number[][] = [[]];
  items.forEach((item, i) => {
    const most = Math.max(day.most[i], day.held[i]);
    const choices = Array.from({ length: most - least[i] + 1 }, (_, n) => least[i] + n);
    const rest = minutesIn(items.slice(i + 1), least.slice(i + 1));
    ways = ways
      .flatMap((way) => choices.map((count) => [...way, count]))
      .filter((way) => minutesIn(items, padded(way, items.length)) + rest <= day.minutes + SAME);
  });
  return ways;
}

const padded = (way: readonly number[], length: number): number[] => [
  ...way,
  ...new Array<number>(length - way.length).fill(0),
];

interface Marginal {
  readonly item: number;
  readonly k: number;
  readonly gain: number;
  readonly minutes: number;
}

/** Every single sitting there could be, what gives most for its minutes first. */
const marginals = (items: readonly WeekItem[]): Marginal[] =>
  items
    .flatMap((one, item) =>
      Array.from({ length: one.perWeek }, (_, n) => ({
        item,
        k: n + 1,
        gain: gainOfDose(one, n + 1),
        minutes: one.minutes,
      })),
    )
    .sort((a, b) => b.gain / b.minutes - a.gain / a.minutes);

/** The most that so many minutes can still add, were sittings divisible. */
function boundOf(
  sorted: readonly Marginal[],
  before: readonly number[],
  most: readonly number[],
  minutes: number,
): number {
  let [left, sum] = [minutes, 0];
  for (const { item, k, gain, minutes: takes } of sorted) {
    if (k <= before[item] || k > before[item] + most[item]) continue;
    if (takes >= left) return sum + (gain * left) / takes;
    sum += gain;
    left -= takes;
  }
  return sum;
}

/** What remains from each day on: minutes that can be filled, sittings and what suits, each at most. */
function remainders({ items, days }: WeekProblem, ways: readonly (readonly number[][])[]) {
  const from = [{ minutes: 0, bonus: 0, most: items.map(() => 0) }];
  for (let d = days.length - 1; d >= 0; d--) {
    const { minutes, bonus, most } = from[0];
    const { suits } = days[d];
    const suiting = (way: readonly number[]) =>
      items.reduce((sum, one, i) => sum + (way[i] > 0 ? suitsBonus(one, suits[i]) : 0), 0);
    const atMost = (of: (way: readonly number[]) => number) => Math.max(...ways[d].map(of));
    from.unshift({
      minutes: minutes + atMost((way) => minutesIn(items, way)),
      bonus: bonus + atMost(suiting),
      most: most.map((count, i) => count + atMost((way) => way[i])),
    });
  }
  return from;
}

/**
 * The sittings of a week that are worth most: day by day, branch and bound. The bound lets sittings be
 * cut to fill the minutes exactly; two ways to the same counts, with the same tired parts, go on as the
 * better one. Of equals the first, in which the earliest days are the fullest. Exact, but for the most
 * crowded weeks: after `STRICT_STEPS` what is hardly better is let go, after `MOST_STEPS` the search ends.
 */
export function bestWeek(problem: WeekProblem): BestWeek {
  const { items, days, follows } = problem;
  const sorted = marginals(items);
  const ways = days.map((day) => waysOfDay(items, day));
  const rest = remainders(problem, ways);
  const seen = days.map(() => new Map<string, number>());
  const chosen: number[][] = [];
  const best: { counts: number[][]; value: number } = { counts: [], value: -Infinity };
  let steps = 0;
  const slack = (): number =>
    steps > STRICT_STEPS ? Math.max(SAME, CLOSE_ENOUGH * best.value) : SAME;
  const wraps = days.length > 1 && follows[0];

  const fits = (d: number, before: readonly number[], way: readonly number[]): boolean => {
    if (isTooMuch(items, days[d], before, way)) return false;
    if (bringsTooMuchNew(items, days[d], before, way)) return false;
    if (d > 0 && follows[d] && tiresTwice(items, [chosen[d - 1], days[d - 1]], [way, days[d]]))
      return false;
    const last = d === days.length - 1 && wraps;
    return !(last && tiresTwice(items, [way, days[d]], [chosen[0], days[0]]));
  };
  /**
   * Whether one sitting more of something that tires nothing and is not new would fit too: then that way
   * is worth more, whatever the other days bring, and this one need not be tried.
   */
  const isWasteful = (d: number, before: readonly number[], way: readonly number[]): boolean =>
    items.some(({ minutes, tires, staged, perWeek }, i) => {
      const { most, suits, minutes: there } = days[d];
      if (way[i] >= most[i] || tires.length > 0 || (staged && before[i] + way[i] === 0))
        return false;
      if (before[i] + way[i] >= perWeek) return false;
      // Where a week can be full of it, one here is one less elsewhere: it must suit here.
      const isFull = before[i] + way[i] + 1 + rest[d + 1].most[i] > perWeek;
      if (isFull && !(suits[i] && way[i] === 0)) return false;
      return minutesIn(items, way) + minutes <= there + SAME;
    });
  const tired = (counts: readonly number[] | undefined): string =>
    counts ? items.map((one, i) => (one.tires.length > 0 && counts[i] > 0 ? 1 : 0)).join('') : '';

  const walk = (d: number, before: readonly number[], value: number): void => {
    if (d === days.length) {
      if (value > best.value + SAME) Object.assign(best, { value, counts: [...chosen] });
      return;
    }
    steps += ways[d].length;
    if (steps > MOST_STEPS && best.counts.length > 0) return;
    const { minutes, bonus, most } = rest[d];
    if (value + bonus + boundOf(sorted, before, most, minutes) <= best.value + slack()) return;
    const state = `${before.join()} ${tired(chosen[d - 1])} ${wraps ? tired(chosen[0]) : ''}`;
    const known = seen[d].get(state);
    if (known !== undefined && value <= known + SAME) return;
    seen[d].set(state, value);
    const next = ways[d]
      .filter((way) => fits(d, before, way) && !isWasteful(d, before, way))
      .map((way) => ({ way, gain: gainOfDay(problem, days[d], before, way) }))
      .sort((a, b) => b.gain - a.gain);
    for (const { way, gain } of next) {
      chosen[d] = way;
      walk(
        d + 1,
        before.map((count, i) => count + way[i]),
        value + gain,
      );
    }
    chosen.length = d;
  };
  walk(
    0,
    items.map(() => 0),
    0,
  );
  return { ...best, exact: steps <= STRICT_STEPS };
}
