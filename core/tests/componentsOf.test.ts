import type { Option } from '../src/planning/session/bestSet';
import { componentsOf } from '../src/planning/session/componentsOf';
import { option } from './planMadeUp';

const WORTH = new Map([
  ['a', 1],
  ['b', 0.5],
  ['c', 0.5],
]);
const components = (...options: Option[]) =>
  componentsOf(options, WORTH).map((one) => one.map(({ key }) => key).join(''));

it.each<[string, Option[], string[]]>([
  ['of one main target: one', [option('x', { a: 0.5 }), option('y', { a: 0.2 })], ['xy']],
  ['of two: two', [option('x', { a: 0.5 }), option('y', { b: 0.5 })], ['x', 'y']],
  [
    'the main target is what is served most, by share and worth',
    [option('x', { a: 0.3, b: 0.5 }), option('y', { a: 0.1 }), option('z', { b: 0.1 })],
    ['xy', 'z'],
  ],
  [
    'not the last of its list',
    [option('x', { b: 0.5, a: 0.2 }), option('y', { a: 0.1 }), option('z', { b: 0.1 })],
    ['xz', 'y'],
  ],
  [
    'of two that are served alike, the first',
    [option('x', { b: 0.5, c: 0.5 }), option('y', { b: 0.1 }), option('z', { c: 0.1 })],
    ['xy', 'z'],
  ],
  ['what serves nothing stands alone', [option('x', {}), option('y', {})], ['x', 'y']],
  [
    'what serves what has no worth, too',
    [option('x', { q: 1 }), option('y', { q: 1 })],
    ['x', 'y'],
  ],
  [
    'a partner is in the same, whichever comes first',
    [option('x', { a: 0.5 }, { needs: ['y'] }), option('y', { b: 0.5 }), option('z', { b: 0.1 })],
    ['xyz'],
  ],
  [
    'each of several partners',
    [option('x', { a: 1 }, { needs: ['y', 'z'] }), option('y', { b: 1 }), option('z', { c: 1 })],
    ['xyz'],
  ],
  [
    'one that is not there joins nothing',
    [option('x', { a: 0.5 }, { needs: ['q'] }), option('y', { b: 1 }, { needs: ['q'] })],
    ['x', 'y'],
  ],
  [
    'a chain is one, in the order of the options',
    [
      option('p', { a: 1 }),
      option('q', { b: 1 }, { needs: ['r'] }),
      option('r', { c: 1 }, { needs: ['s'] }),
      option('s', { a: 0.1 }),
    ],
    ['pqrs'],
  ],
  [
    'an option with the name of a target is another thing',
    [option('b', { a: 1 }), option('y', { b: 1 })],
    ['b', 'y'],
  ],
  ['nothing', [], []],
])('%s', (_name, options, wanted) => expect(components(...options)).toEqual(wanted));
