import { foldRest } from '../src/inference/trace/foldRest';

const said = (...decibans: number[]) =>
  decibans.map((value, i) => ({ finding: `f${i}`, words: `w${i}`, decibans: value }));
const isTold = ({ decibans }: { decibans: number }) => Math.abs(decibans) >= 1;
const told = (...decibans: number[]) =>
  foldRest(said(...decibans), isTold).map((one) => [one.finding, one.decibans]);

it('the strongest first, for or against, and what is left as one', () => {
  expect(told(0.3, -4, 2, 0.4)).toEqual([
    ['f1', -4],
    ['f2', 2],
    ['rest', expect.closeTo(0.7, 12)],
  ]);
  expect(foldRest(said(0.3), isTold)).toEqual([
    { finding: 'rest', words: 'everything else found', decibans: 0.3 },
  ]);
});

it.each([
  ['nothing left', [2, -3], ['f1', 'f0']],
  ['left, and takes itself away', [2, 0.5, -0.5], ['f0']],
  ['less than rounding left', [2, 0.0049], ['f0']],
  ['a little left', [2, 0.0051], ['f0', 'rest']],
  ['a little left against', [2, -0.0051], ['f0', 'rest']],
])('%s', (_name, decibans, names) =>
  expect(told(...decibans).map(([name]) => name)).toEqual(names),
);
