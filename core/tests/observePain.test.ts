import { PAIN_KINDS, REGIONS, type Pain, type Region, type SeenFault } from '../src';
import { observePain, painRatio, worstOfEach } from '../src/inference/trace/observe/observePain';
import { painAt } from './painAt';

const seen = (fault: SeenFault['fault'], side: 'left' | 'right') => ({ fault, side });
const says = (part: Partial<Pain>, faults: Parameters<typeof observePain>[0]['faults'] = []) =>
  observePain({ pain: [painAt({ side: 'left', ...part })], faults }).map(({ finding }) => finding);

/** What a pain says by its place: as a pinch, like electricity, and of any other kind. */
const BY_PLACE: Readonly<Record<Region, readonly (string | null)[]>> = {
  neck: ['neck', null, 'neck'],
  shoulder: [null, null, null],
  elbow: [null, null, null],
  wrist: ['wrist', null, 'wrist'],
  'upper-back': [null, null, null],
  back: ['low-back', 'nerve-back', 'low-back'],
  'low-back': ['low-back', 'nerve-back', 'low-back'],
  buttock: [null, 'nerve-back', null],
  hip: ['pinch-hip', null, null],
  groin: ['pinch-hip', 'nerve-front', null],
  'front-thigh': [null, 'nerve-front', null],
  'back-thigh': [null, 'nerve-back', null],
  'inner-thigh': [null, null, null],
  'outer-thigh': [null, null, null],
  knee: ['knee', null, 'knee'],
  'inner-knee': ['inner-knee', 'nerve-front', 'inner-knee'],
  kneecap: ['knee', null, 'knee'],
  shin: [null, null, null],
  calf: [null, 'nerve-back', null],
  achilles: ['achilles', null, 'achilles'],
  ankle: ['pinch-ankle', null, null],
  heel: [null, null, null],
  foot: [null, 'nerve-back', null],
  'big-toe': ['big-toe', null, 'big-toe'],
};
const KNEES: readonly Region[] = ['knee', 'inner-knee', 'kneecap'];

it.each(REGIONS.flatMap((region) => PAIN_KINDS.map((kind) => [kind, region] as const)))(
  '%s, %s: says what its place and kind say, and of a knee that the hips leave, that',
  (kind, region) => {
    const [pinch, electric, other] = BY_PLACE[region];
    const word = kind === 'pinch' ? pinch : kind === 'electric' ? electric : other;
    const expected = word ? [`pain:${word}`] : [];
    expect(says({ kind, region })).toEqual(expected);
    const isGuarded = KNEES.includes(region) && kind !== 'electric';
    expect(says({ kind, region }, [seen('hips-slide', 'right')])).toEqual(
      isGuarded ? ['pain:knee-guarded'] : expected,
    );
  },
);

it.each([
  ['toward it', seen('hips-slide', 'left')],
  ['away from it, but it is another fault', seen('knee-in', 'right')],
])('an aching knee with the hips %s is no knee that is guarded', (_name, fault) =>
  expect(says({ kind: 'ache', region: 'knee' }, [fault])).toEqual(['pain:knee']),
);

it('nor is one without a side, and no pain says nothing', () => {
  expect(says({ region: 'knee', side: undefined }, [seen('hips-slide', 'right')])).toEqual([
    'pain:knee',
  ]);
  expect(says({ region: 'knee', score: 0 })).toEqual([]);
});

it('is told with its kind, place, side and score', () =>
  expect(
    observePain({ pain: [painAt({ region: 'knee', side: 'left', score: 3 })], faults: [] }),
  ).toEqual([
    { finding: 'pain:knee', side: 'left', ratio: painRatio(3), words: 'ache, left knee, 3 of 10' },
  ]));

describe('one pain', () => {
  const first = painAt({ region: 'hip', side: 'left', kind: 'pinch', score: 2, phase: 'down' });
  it.each<[string, Partial<Pain>, number]>([
    ['in another phase, worse there', { phase: 'bottom', score: 5 }, 1],
    ['on the other side', { side: 'right' }, 2],
    ['of another kind', { kind: 'ache' }, 2],
    ['at another place', { region: 'groin' }, 2],
    ['without a side', { side: undefined }, 2],
  ])('%s: %j makes of both %i', (_name, part, count) => {
    const other = { ...first, ...part };
    for (const both of [
      [first, other],
      [other, first],
    ])
      expect(worstOfEach(both)).toEqual(count === 1 ? [other] : both);
  });

  it('as bad in two phases is told as of the first', () =>
    expect(worstOfEach([first, { ...first, phase: 'up' }])).toEqual([first]));
});

it('says more with every point of it', () => {
  const ratios = Array.from({ length: 11 }, (_, score) => painRatio(score));
  expect(ratios[0]).toBe(1);
  expect(ratios.every((one, i) => i === 0 || one > ratios[i - 1])).toBe(true);
});
