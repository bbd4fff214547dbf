import { parseRecorderInput } from '../../src';
import { SIDES, otherSide, type Side } from '../../src/foundation/sides/side';
import { analysed, BODY, film } from './films';

const from = (view: string) => ({ camera: { view, pixelsPerMetre: 400 }, noise: 0.004, seed: 3 });

/** What a camera proposes of a body with causes, `hips-slide left`. */
const proposed = (view: string, input: object): string[] =>
  analysed(film({ ...from(view), ...input })).proposals.map(({ fault, side }) =>
    side ? `${fault} ${side}` : fault,
  );

describe.each(SIDES)('causes on the %s play their faults by themselves', (side: Side) => {
  const other = otherSide(side);

  it.each([
    ['ankle-joint', 'back', {}, `hips-slide ${other}`],
    ['ankle-joint', side, { escape: 'heels' }, `heel-lifts ${side}`],
    ['ankle-joint', 'back', { escape: 'feet' }, `foot-turns-out ${side}`],
    ['quad-strength', 'back', {}, `hips-slide ${other}`],
    ['quad-strength', side, {}, `shin-stays-upright ${side}`],
    ['knee-guard', 'front', {}, `hips-slide ${other}`],
    ['hip-side-control', 'front', { setup: { oneLeg: side }, depthDeg: 30 }, `knee-in ${side}`],
  ])('%s, seen from %s, %j', (cause, view, input, fault) => {
    expect(proposed(view, { ...input, causes: [{ cause, side }] })).toContain(fault);
  });

  it('a heel that comes up leaves the other one down', () => {
    const input = { causes: [{ cause: 'ankle-joint', side }], escape: 'heels' };
    const { measures } = film(input).truth;
    const rise = (one: Side) =>
      measures.find(({ measure, side: of }) => measure === 'heel-rise' && of === one)!
        .perRepetition[0];
    expect(rise(side)).toBeGreaterThan(15);
    expect(rise(other)).toBeCloseTo(0, 6);
  });
});

it('weak knees let the hips rise first', () => {
  const causes = [{ cause: 'quad-strength' }];
  expect(proposed('right', { causes })).toContain('hips-rise-first');
});

it('who does not trust the depth stops short of it, in a hinge as well', () => {
  const causes = [{ cause: 'balance-deep' }];
  expect(proposed('right', { causes })).toContain('depth-short');
  const depth = (more: object) => film({ pattern: 'hinge', ...more }).truth.depthDeg;
  expect(depth({ causes })).toBeCloseTo(depth({}) - 16, 6);
});

it('an ankle that bends as usual goes no way round', () => {
  const heels = film({ escape: 'heels' }).truth.measures;
  expect(heels).toEqual(film().truth.measures);
});

it('what is behind it is kept with the truth', () => {
  const causes = [{ cause: 'ankle-joint', side: 'left', amount: 14 }];
  expect(film({ causes, escape: 'heels' }).truth).toMatchObject({ causes, escape: 'heels' });
});

it.each([
  ['causes.0.cause', { causes: [{ cause: 'grace' }] }],
  ['causes.0.cause', { causes: [{ cause: 'neck' }] }],
  ['causes.0.side', { causes: [{ cause: 'ankle-joint', side: 'both' }] }],
  ['causes.0.amount', { causes: [{ cause: 'ankle-joint', amount: 91 }] }],
  ['escape', { escape: 'hands' }],
  ['strength.knee', { strength: { knee: 0 } }],
  ['strength.hip.right', { strength: { hip: { left: 1 } } }],
  ['strength.back', { strength: { back: 6 } }],
])('refuses %s of %j', (path, input) => {
  const read = parseRecorderInput({ body: BODY, ...input });
  expect(read.status === 'bad' && read.problems.map((one) => one.path)).toContain(path);
});
