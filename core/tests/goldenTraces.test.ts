import golden from './cases/goldenTraces.json';
import { TRACES } from './cases/tracesOf';

const pinned: Readonly<Record<string, readonly string[]>> = golden;

/** Line by line; made by `npm run golden:traces`. */
it('the pinned traces are those of all cases', () =>
  expect(Object.keys(pinned)).toEqual(TRACES.map(([name]) => name)));

it.each(TRACES)('%s', (name, lines) => expect(lines()).toEqual(pinned[name]));
