import { rivalsOf, type NextCheck, type Trace, type TracedCause } from '../src';

const cause = (key: string, p: number, part: Partial<TracedCause> = {}): TracedCause => {
  const [id, side] = key.split(':');
  return {
    key,
    cause: id as TracedCause['cause'],
    side: side as TracedCause['side'],
    kind: 'restriction',
    p,
    byFindings: p,
    coach: null,
    sentence: '',
    consistentWith: '',
    explains: [{ fault: 'hips-slide@left', weight: p }],
    ...part,
  };
};
const explaining = (...faults: string[]): Partial<TracedCause> => ({
  explains: faults.map((fault) => ({ fault, weight: 1 })),
});
const asks = (check: string, tells: NextCheck['tells']): NextCheck => ({
  check: check as 'hip-bend',
  side: 'right',
  bitsPerMinute: 1,
  weight: 1,
  why: '',
  tells,
});

const TOP = cause('ankle-joint:right', 0.6);
const HIP = cause('hip-bend:right', 0.3);
const traced = (...others: TracedCause[]): Trace => ({
  causes: [TOP, ...others],
  unexplained: [],
  ignored: [],
});
const rivals = (others: TracedCause[], ranked: NextCheck[] = [], of = TOP) =>
  rivalsOf(traced(...others), of, ranked);
const keys = (...others: TracedCause[]) => rivals(others).map((one) => one.cause.key);

describe('a rival', () => {
  it.each([
    ['is likely enough to be thought of', cause('hip-bend:right', 0.05), true],
    ['is no cause that nobody thinks of', cause('hip-bend:right', 0.0499), false],
    ['is nothing that is given', cause('fixed-hip:right', 1, { kind: 'given' }), false],
    [
      'is nothing that the coach settled',
      cause('hip-bend:right', 0.3, { coach: { cause: 'hip-bend', says: 'pinned', why: '' } }),
      false,
    ],
    [
      'shares one fault of several',
      cause('hip-bend:right', 0.3, explaining('tips-back', 'hips-slide@left')),
      true,
    ],
    [
      'is no cause of the same fault on the other side',
      cause('hip-bend:right', 0.3, explaining('hips-slide@right', 'tips-back')),
      false,
    ],
    ['is no cause of nothing', cause('breath:-', 0.3, explaining()), false],
  ])('%s', (_name, other, is) => expect(keys(other)).toEqual(is ? [other.key] : []));

  it('shares any of the faults of a cause that explains several', () => {
    const wide = cause('ankle-joint:right', 0.6, explaining('tips-back', 'hips-slide@left'));
    expect(rivalsOf(traced(HIP), wide, [])).toHaveLength(1);
  });

  it('is one of three at most, in their order', () => {
    const four = ['hip-bend', 'knee-bend', 'calf-deep', 'knee-guard'].map((id, i) =>
      cause(`${id}:right`, 0.4 - i / 10),
    );
    expect(keys(...four)).toEqual(four.slice(0, 3).map(({ key }) => key));
  });
});

describe('what tells it apart', () => {
  const apart = (...ranked: NextCheck[]) => {
    const [{ apart: told }] = rivals([HIP], ranked);
    return told && 'check' in told ? told.check : null;
  };

  it('is what tells most of the one it tells less of', () =>
    expect(
      apart(
        asks('a', { [TOP.key]: 0.9, [HIP.key]: 0.1 }),
        asks('b', { [TOP.key]: 0.2, [HIP.key]: 0.2 }),
        asks('c', { [TOP.key]: 0.1, [HIP.key]: 0.9 }),
      ),
    ).toBe('b'));

  it('is what tells most of either where nothing tells of both', () =>
    expect(apart(asks('a', { [TOP.key]: 0.1 }), asks('b', { [HIP.key]: 0.3 }))).toBe('b'));

  it('is the first of what tells as much, and nothing where nothing tells of them', () => {
    const same = { [TOP.key]: 0.2, [HIP.key]: 0.2 };
    expect(apart(asks('a', same), asks('b', same))).toBe('a');
    expect(apart(asks('a', { 'breath:-': 0.9 }))).toBeNull();
    expect(apart()).toBeNull();
  });
});
