import type { CaseFile, CheckFinding } from '../src';
import { checksAgreeing } from '../src/inference/trace/reconcile/checksAgreeing';
import { fileOf } from './fileMadeUp';

const bend = (part: Partial<CheckFinding>): CheckFinding => ({
  check: 'ankle-bend-knee-bent',
  side: 'right',
  ...part,
});
const lift = (part: Partial<CheckFinding>): CheckFinding => ({ check: 'double-leg-lift', ...part });
const kept = (checks: CheckFinding[], part: Partial<CaseFile> = {}) =>
  checksAgreeing({ ...fileOf({ checks }), ...part });

describe('readings that agree are one', () => {
  it('the mean of each mode, by how often each was read', () => {
    expect(
      kept([bend({ passive: 26, active: 20 }), bend({ passive: 30, times: { passive: 3 } })]).items,
    ).toEqual([
      expect.objectContaining({ passive: 28, active: 20, times: { passive: 4, active: 1 } }),
    ]);
  });

  it('of one mode nothing is made up for the other', () => {
    const [actives] = kept([
      bend({ active: 24 }),
      bend({ active: 26, times: { active: 2 } }),
    ]).items;
    expect(actives).toMatchObject({ active: 25, times: { passive: 1, active: 3 } });
    expect(actives.passive).toBeUndefined();
    const [passives] = kept([bend({ passive: 24 }), bend({ passive: 26 })]).items;
    expect(passives).toMatchObject({ passive: 25, times: { passive: 2, active: 1 } });
    expect(passives.active).toBeUndefined();
  });

  it('a single one is as it was, and what has no number says what it said last', () => {
    const one = bend({ passive: 26, felt: 'front' });
    expect(kept([one]).items).toEqual([one]);
    expect(kept([lift({ result: 'lost' }), lift({ result: 'lost', braced: 'holds' })])).toEqual({
      items: [lift({ result: 'lost', braced: 'holds' })],
      ignored: [],
    });
  });

  it('sides and checks stand apart', () =>
    expect(
      kept([bend({ passive: 26 }), bend({ passive: 42, side: 'left' }), lift({ result: 'lost' })])
        .items,
    ).toHaveLength(3));

  it('without a number nothing contradicts one', () =>
    expect(kept([bend({ passive: 26 }), bend({ felt: 'front' })]).ignored).toEqual([]));
});

describe('readings that contradict each other', () => {
  it('are told with their numbers and their side, and none is used', () =>
    expect(kept([bend({ passive: 26 }), bend({ passive: 42 }), lift({ result: 'holds' })])).toEqual(
      {
        items: [lift({ result: 'holds' })],
        ignored: [0, 1].map((i) => ({
          path: `checks.${i}`,
          words:
            'Ankle bend, knee bent, right: 26° and 42° contradict each other; none was used, measure again',
        })),
      },
    ));

  it('are told by their results where they have no number', () =>
    expect(kept([lift({ result: 'holds' }), lift({ result: 'lost' })]).ignored[1]).toEqual({
      path: 'checks.1',
      words: 'Two-leg lift: holds and lost contradict each other; none was used, measure again',
    }));

  it('are short or usual by what is usual for this client', () => {
    const both = [bend({ passive: 26 }), bend({ passive: 36 })];
    const norms = { 'ankle-bend-knee-bent': { usual: [24, 3], restricted: [14, 3] } };
    expect(kept(both).ignored).toHaveLength(2);
    expect(kept(both, { norms: norms as unknown as CaseFile['norms'] }).ignored).toEqual([]);
  });
});

describe('where a joint is given as fixed', () => {
  const fixed = (checks: CheckFinding[]) =>
    kept(checks, {
      client: { ...fileOf().client, given: [{ cause: 'fixed-ankle', side: 'right' }] },
    });

  it('a usual range there is not used, and contradicts nobody', () =>
    expect(fixed([bend({ passive: 26 }), bend({ passive: 42 })])).toEqual({
      items: [bend({ passive: 26 })],
      ignored: [
        {
          path: 'checks.1',
          words:
            'Ankle bend, knee bent, right: usual, though the joint is given as fixed; not used',
        },
      ],
    }));

  it.each([
    ['on the other side', bend({ passive: 42, side: 'left' })],
    ['of another joint', { check: 'hip-bend', side: 'right', passive: 125 }],
    ['that has no number', bend({ felt: 'front' })],
    ['of what it only makes likely', { check: 'heel-raises', side: 'right', active: 30 }],
  ] as [string, CheckFinding][])('one %s is', (_name, check) =>
    expect(fixed([check])).toEqual({ items: [check], ignored: [] }),
  );
});
