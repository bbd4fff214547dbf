import type { Outcome } from '../src/planning/asking/expectedGain';
import { PlanNow } from '../src/planning/asking/PlanNow';
import { causeKey } from '../src/knowledge/keys';
import { ROOMY } from './planMadeUp';

const NODES = (['ankle-joint', 'hip-bend', 'midback'] as const).map((cause) => {
  const side = cause === 'midback' ? null : 'right';
  return { key: causeKey(cause, side), cause, side, prior: 0.2 } as const;
});
const [ANKLE, OPEN, HIP] = [
  [0.9, 0.05, 0.05],
  [0.5, 0.4, 0.05],
  [0.05, 0.9, 0.05],
];
const outcome = (chance: number, p: readonly number[]): Outcome => ({ chance, p });
const as = (p: readonly number[]) => p;
const isWorth = (
  before: readonly number[],
  outcomes: Outcome[],
  minutes: number,
  told: typeof as = as,
) => new PlanNow(NODES, before, ROOMY).isWorthAsking(outcomes, 0, minutes, told);

describe('how much better another session would be', () => {
  const now = new PlanNow(NODES, ANKLE, ROOMY);
  it('is nothing where nothing changed, and more the more it changed', () => {
    expect(now.gainBy(ANKLE)).toBe(0);
    expect(now.gainBy(HIP)).toBeGreaterThan(0.2);
    expect(now.gainBy(HIP)).toBeGreaterThan(now.gainBy([0.5, 0.5, 0.05]));
  });
});

describe('asking', () => {
  const either = [outcome(0.5, ANKLE), outcome(0.5, HIP)];

  it('is worth it while it may change the session by more than its minutes', () => {
    expect(isWorth(ANKLE, either, 1)).toBe(true);
    expect(isWorth(ANKLE, either, 60)).toBe(false);
    expect(isWorth(ANKLE, [outcome(1, ANKLE)], 0.1)).toBe(false);
  });

  it('has to promise more for each minute where one cause is sure', () => {
    const [sure, open] = [
      [0.96, 0.05, 0.05],
      [0.94, 0.05, 0.05],
    ];
    const gain = 0.5 * new PlanNow(NODES, sure, ROOMY).gainBy(HIP);
    const minutes = gain / 0.06;
    expect(isWorth(open, [outcome(0.5, open), outcome(0.5, HIP)], minutes)).toBe(true);
    expect(isWorth(sure, [outcome(0.5, sure), outcome(0.5, HIP)], minutes)).toBe(false);
  });

  it('takes outcomes that speak alike together, in whatever order they stand', () => {
    const eight = Array.from({ length: 4 }, () => [
      outcome(0.125, ANKLE),
      outcome(0.125, HIP),
    ]).flat();
    const minutes = (0.9 * 0.5 * new PlanNow(NODES, ANKLE, ROOMY).gainBy(HIP)) / 0.03;
    expect(isWorth(ANKLE, eight, minutes)).toBe(true);
    expect(isWorth(ANKLE, eight.toReversed(), minutes)).toBe(true);
  });

  it('does not count on what seldom comes out, but for what is left over at the end', () => {
    const seldom = (usual: readonly number[], other: readonly number[]) => {
      const gain = 0.1 * new PlanNow(NODES, usual, ROOMY).gainBy(other);
      return isWorth(usual, [outcome(0.9, usual), outcome(0.1, other)], (0.9 * gain) / 0.03);
    };
    expect(seldom(ANKLE, HIP)).toBe(false);
    expect(seldom(HIP, ANKLE)).toBe(true);
  });

  it('leaves out what was not in question', () =>
    expect(isWorth(ANKLE, either, 1, () => ANKLE)).toBe(false));

  it('counts what is open by what stands now', () =>
    expect(isWorth(OPEN, [outcome(0.5, ANKLE), outcome(0.5, HIP)], 1)).toBe(true));
});
