import { maybeBestSet, type Option } from '../src/planning/session/bestSet';
import { option } from './planMadeUp';

const WORTH = new Map([
  ['a', 1],
  ['b', 0.5],
  ['c', 0.25],
  ['d', 0.5],
]);
interface Asked {
  readonly options?: readonly Option[];
  readonly ends?: readonly Option[];
  readonly held?: readonly Option[];
  readonly minutes?: number;
  readonly most?: number;
  readonly price?: number;
}
const best = ({
  options = [],
  ends = [],
  held = [],
  minutes = 10,
  most = 5,
  price = 0.05,
}: Asked) => maybeBestSet({ options, ends, held }, WORTH, { minutes, most, price });
const keys = (asked: Asked) =>
  best(asked)
    ?.chosen.map(({ key }) => key)
    .join(' ') ?? null;

const A = option('A', { a: 0.5 });
const B = option('B', { b: 0.5 });
const C = option('C', { c: 0.5 });

it.each<[string, Asked, string | null]>([
  ['nothing of nothing', {}, ''],
  ['all that are worth it', { options: [A, B, C] }, 'A B C'],
  ['what fits, and of that what adds most', { options: [C, B, A], minutes: 4 }, 'B A'],
  ['to the very minute', { options: [A, B], minutes: 4 }, 'A B'],
  ['and not beyond it', { options: [A, B], minutes: 3.99 }, 'A'],
  ['so many and no more', { options: [C, A, B], most: 2 }, 'A B'],
  ['none, when there is no room for any', { options: [A], most: 0 }, ''],
  ['not what adds no more than its price', { options: [A, C], price: 0.125 }, 'A'],
  ['what adds a little more than its price', { options: [C], price: 0.124 }, 'C'],
  ['not what serves what has no worth', { options: [option('Q', { q: 0.9 }), B] }, 'B'],
  [
    'a second one for the same, of what is left',
    { options: [A, option('A2', { a: 0.4 })], price: 0.19 },
    'A A2',
  ],
  ['not when that is too little', { options: [A, option('A2', { a: 0.4 })], price: 0.21 }, 'A'],
  [
    'one that serves two things before one that serves one',
    { options: [A, option('AB', { a: 0.4, b: 0.4 })], minutes: 2 },
    'AB',
  ],
  [
    'of equals what takes fewer minutes',
    { options: [option('long', { a: 0.5 }, { minutes: 3 }), option('short', { a: 0.5 })], most: 1 },
    'short',
  ],
  [
    'also of equals for different things',
    { options: [option('D', { d: 0.5 }, { minutes: 3 }), B], most: 1 },
    'B',
  ],
  [
    'whichever is named first',
    { options: [B, option('D', { d: 0.5 }, { minutes: 3 })], most: 1 },
    'B',
  ],
  [
    'as long as both take the same, the first',
    { options: [option('D', { d: 0.5 }), B], most: 1 },
    'D',
  ],
  ['of equals in everything the first', { options: [A, option('A2', { a: 0.5 })], most: 1 }, 'A'],
])('chooses %s', (_name, asked, wanted) => expect(keys(asked)).toBe(wanted));

describe('a partner', () => {
  const NEEDY = option('N', { a: 0.6 }, { needs: ['P'] });
  const PARTNER = option('P', { c: 0.1 });
  it.each<[string, Asked, string | null]>([
    ['comes with it, though not worth its price alone', { options: [NEEDY, PARTNER] }, 'N P'],
    ['is not there alone', { options: [PARTNER] }, ''],
    ['that is not there leaves it out', { options: [NEEDY, B] }, 'B'],
    ['for which there is no time leaves it out', { options: [NEEDY, PARTNER, B], minutes: 3 }, 'B'],
    [
      'is any one of several, the better',
      { options: [option('N', { a: 0.6 }, { needs: ['P', 'B'] }), PARTNER, B] },
      'N B',
    ],
    ['may be what is held', { options: [NEEDY], held: [PARTNER] }, 'N'],
    [
      'both are left out, when together they are not worth their price',
      { options: [NEEDY, PARTNER], price: 0.4 },
      '',
    ],
    ['a list of none is never met', { options: [option('N', { a: 0.6 }, { needs: [] })] }, ''],
  ])('%s', (_name, asked, wanted) => expect(keys(asked)).toBe(wanted));
});

describe('what is held', () => {
  it.each<[string, Asked, string | null]>([
    ['is not among the chosen', { options: [B], held: [A] }, 'B'],
    ['takes its minutes', { options: [B, C], held: [A], minutes: 4 }, 'B'],
    ['counts', { options: [B, C], held: [A], most: 2 }, 'B'],
    [
      'leaves less of what it serves',
      { options: [option('A2', { a: 0.1 })], held: [A], price: 0.051 },
      '',
    ],
    [
      'and what it serves not at all, as it is',
      { options: [option('A2', { a: 0.1 })], price: 0.051 },
      'A2',
    ],
    [
      'may be too long: nothing is added',
      { options: [B], held: [option('L', { a: 0.5 }, { minutes: 20 })] },
      '',
    ],
    ['may be too many: nothing is added', { options: [C], held: [A, B], most: 1 }, ''],
    [
      'brings its partner, whatever that adds',
      {
        options: [option('P', {}), B],
        held: [option('N', { a: 0.5 }, { needs: ['P'] })],
        minutes: 4,
      },
      'P',
    ],
    [
      'has one already, in what else is held',
      { options: [B], held: [option('N', { a: 0.5 }, { needs: ['C'] }), C] },
      'B',
    ],
    [
      'that nothing can partner is the coach’s own choice',
      { options: [B], held: [option('N', { a: 0.5 }, { needs: ['gone'] })] },
      'B',
    ],
    [
      'whose partner has no time leaves no set',
      { options: [option('P', {})], held: [option('N', { a: 0.5 }, { needs: ['P'] })], minutes: 3 },
      null,
    ],
  ])('%s', (_name, asked, wanted) => expect(keys(asked)).toBe(wanted));

  it('is in the worth of all, with its price', () => {
    expect(best({ held: [A] })!.value).toBeCloseTo(0.45, 9);
    expect(best({ options: [option('A2', { a: 0.5 })], held: [A] })!.value).toBeCloseTo(0.65, 9);
    expect(best({ options: [A, B] })!.value).toBeCloseTo(0.65, 9);
    expect(best({})!.value).toBe(0);
  });
});

describe('an end', () => {
  const END = option('E', {});
  it.each<[string, Asked, string | null]>([
    ['is there, whatever it adds', { options: [A], ends: [END] }, 'E A'],
    ['comes first', { options: [A, B], ends: [END], minutes: 4 }, 'E A'],
    [
      'is one that serves something, where one does',
      { ends: [END, option('E2', { c: 0.5 })] },
      'E2',
    ],
    [
      'is two, where both are worth it',
      { ends: [option('E1', { a: 0.5 }), option('E2', { b: 0.5 })] },
      'E1 E2',
    ],
    ['is the first of equals', { ends: [END, option('E2', {})] }, 'E'],
    ['is the shorter of equals', { ends: [option('L', {}, { minutes: 3 }), END] }, 'E'],
    ['counts', { options: [A, B], ends: [END], most: 2 }, 'E A'],
    ['needs its time', { options: [A], ends: [END], minutes: 1.9 }, null],
    ['has its price', { ends: [END], price: 0.05 }, 'E'],
  ])('%s', (_name, asked, wanted) => expect(keys(asked)).toBe(wanted));

  it('takes its price of the worth', () =>
    expect(best({ ends: [END], price: 0.05 })!.value).toBeCloseTo(-0.05, 9));
});

it('leaves out what stands in the way of two others', () => {
  // One long drill for a, or two short ones for b and c.
  const long = option('long', { a: 0.4 }, { minutes: 4 });
  expect(
    keys({ options: [long, option('b', { b: 0.9 }), option('c', { c: 0.9 })], minutes: 4 }),
  ).toBe('b c');
  expect(
    keys({ options: [long, option('b', { b: 0.4 }), option('c', { c: 0.4 })], minutes: 4 }),
  ).toBe('long');
});
