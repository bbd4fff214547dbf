/** More ways than this to deal the values out are not all tried. */
const MOST_WAYS = 200_000;

function ways(n: number, k: number): number {
  let result = 1;
  for (let i = 1; i <= k; i++) result = (result * (n - k + i)) / i;
  return result;
}

/**
 * Exact two-sided permutation test of two small series: the share of all ways to deal the values out
 * whose means differ at least as much as these do (R. A. Fisher, The Design of Experiments, 1935).
 *
 * @returns null when there are too many ways to try, or a series is empty
 */
export function permutationTest(
  before: readonly number[],
  after: readonly number[],
): number | null {
  const all = [...before, ...after];
  const [n, k] = [all.length, before.length];
  if (k === 0 || k === n || ways(n, k) > MOST_WAYS) return null;
  const total = all.reduce((sum, one) => sum + one, 0);
  const differenceOf = (sum: number) => Math.abs(sum / k - (total - sum) / (n - k));
  const seen = differenceOf(before.reduce((sum, one) => sum + one, 0));
  let [asFar, tried] = [0, 0];
  const deal = (from: number, left: number, sum: number): void => {
    if (left === 0) {
      tried++;
      // Equal sums of the same numbers differ by rounding alone.
      if (differenceOf(sum) >= seen - 1e-9 * Math.max(1, seen)) asFar++;
      return;
    }
    for (let i = from; i <= n - left; i++) deal(i + 1, left - 1, sum + all[i]);
  };
  deal(0, k, 0);
  return asFar / tried;
}
