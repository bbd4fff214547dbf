import type { FindingId } from '../src/knowledge/links';
import type { Side } from '../src/foundation/sides/side';
import { buildNodes } from '../src/inference/trace/buildNodes';
import { connect, factorsAt, type Observation } from '../src/inference/trace/connect';
import { fileOf } from './fileMadeUp';

const nodes = buildNodes(fileOf().client);
const tied = (finding: FindingId, part: Partial<Observation> = {}) => {
  const found = connect({ finding, side: null, ratio: Infinity, words: 'w', ...part }, nodes);
  const keyed = (list: readonly { node: number }[]) => list.map(({ node }) => nodes[node].key);
  return { found, speaksFor: keyed(found.arrows), against: keyed(found.factors) };
};
const slid = (side: Side | null) => ({ about: { fault: 'hips-slide', side } });

describe('a probe that helped speaks of what its fault points at', () => {
  it.each([
    ['left', 'ankle-joint:right', 'ankle-joint:left'],
    ['right', 'ankle-joint:left', 'ankle-joint:right'],
  ] as const)('hips that slide to the %s: %s', (side, meant, spared) => {
    const { speaksFor, against } = tied('probe:heels-up:better', slid(side));
    expect(speaksFor).toContain(meant);
    expect(speaksFor).not.toContain(spared);
    expect(against).toEqual([meant.replace('ankle-joint', 'hip-bend')]);
  });

  it('and of both sides when the fault has none', () =>
    expect(tied('probe:heels-up:better', slid(null)).speaksFor).toEqual(
      expect.arrayContaining(['ankle-joint:left', 'ankle-joint:right']),
    ));

  it('a cause that the fault says nothing of is spoken of on both sides', () => {
    const { speaksFor } = tied('probe:heels-up:better', {
      about: { fault: 'back-overarches', side: 'left' },
    });
    expect(speaksFor).toEqual(expect.arrayContaining(['ankle-joint:left', 'ankle-joint:right']));
  });

  it('a cause without a side is spoken of whatever the side', () =>
    expect(tied('probe:heels-up:better', slid('left')).speaksFor).toContain('long-thighs:-'));
});

it.each([
  ['on its own side', 'fault:hips-slide', 'left', ['ankle-joint:right'], ['ankle-joint:left']],
  ['without a side', 'fault:hips-slide', null, ['ankle-joint:left', 'ankle-joint:right'], []],
  ['a range', 'range:hip-bend', 'left', ['hip-bend:left'], ['hip-bend:right']],
] as const)('%s: %s', (_name, finding, side, meant, spared) => {
  const { speaksFor } = tied(finding, { side });
  expect(speaksFor).toEqual(expect.arrayContaining([...meant]));
  for (const key of spared) expect(speaksFor).not.toContain(key);
});

it('says which finding it is, with its side, and how often it comes by itself', () => {
  expect(tied('range:hip-bend', { side: 'left' }).found).toMatchObject({
    id: 'range:hip-bend@left',
    words: 'w',
    leak: 0.01,
  });
  expect(tied('fault:tips-back').found).toMatchObject({ id: 'fault:tips-back', leak: 0.05 });
});

describe('what speaks against a cause', () => {
  it.each([
    [0.2, 1],
    [1, 1],
    [2, 0.6],
    [4, 0.4],
    [Infinity, 0.2],
  ])('at a ratio of %f it takes the odds times %f', (ratio, factor) => {
    expect(factorsAt({ factors: [{ node: 3, factor: 0.2 }] }, ratio)).toEqual([
      { node: 3, factor: expect.closeTo(factor, 12) as number },
    ]);
  });

  it.each([
    [0, 0],
    [1, 0],
    [1.01, 8],
    [Infinity, 8],
  ])('is there only if the finding is, ratio %f', (ratio, count) =>
    expect(tied('probe:post:better', { ratio }).against).toHaveLength(count),
  );

  it('nothing speaks against anything where the table has no row', () =>
    expect(tied('fault:tips-back').against).toEqual([]));
});
