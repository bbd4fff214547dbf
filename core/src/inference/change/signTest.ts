/** n over k, exact for what a session can hold. */
function choose(n: number, k: number): number {
  let result = 1;
  for (let i = 1; i <= k; i++) result = (result * (n - k + i)) / i;
  return result;
}

/** Chance of at least `k` of `n` when each is as likely as not. */
const atLeast = (k: number, n: number): number => {
  let sum = 0;
  for (let i = k; i <= n; i++) sum += choose(n, i);
  return sum / 2 ** n;
};

export interface SignTest {
  readonly better: number;
  readonly worse: number;
  /** Chance of a split as uneven as this, either way, if nothing had changed; 1 when nothing moved. */
  readonly p: number;
}

/**
 * Exact two-sided sign test over faults that were graded twice: what stayed the same says nothing, and
 * no grade is counted with (W. J. Dixon & A. M. Mood, J. Am. Stat. Assoc. 41, 1946).
 */
export function signTest(better: number, worse: number): SignTest {
  const n = better + worse;
  if (n === 0) return { better, worse, p: 1 };
  return { better, worse, p: Math.min(1, 2 * atLeast(Math.max(better, worse), n)) };
}
