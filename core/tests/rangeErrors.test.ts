import { attribute, attributeWithErrors, bodyOf, reachErrorDeg, SIDES, whatIf } from '../src';
import { errorsOf, rangeErrors } from '../src/inference/depth/rangeErrors';
import { ranges, SETUP } from './randomBodies';

const measured = { left: ranges(34, 103, 140), right: ranges(22, 103, 140) };
const question = {
  pattern: 'squat' as const,
  body: bodyOf(1.75, 75),
  setup: SETUP,
  limits: measured,
};

describe('errors carried through', () => {
  const one = { side: 'left', limit: 'ankleBendDeg', sdDeg: 2 } as const;
  const other = { side: 'right', limit: 'hipBendDeg', sdDeg: 3 } as const;
  const limits = { left: { ankleBendDeg: 40 }, right: { hipBendDeg: 120 } };

  it.each([
    ['a figure that follows one range', [one], 3 * 2],
    ['a figure that follows two: squares add', [one, other], Math.hypot(3 * 2, 0.5 * 3)],
    ['nothing uncertain', [], 0],
  ])('%s', (_, errors, sd) => {
    const [error] = errorsOf(limits, errors, ({ left, right }) => [
      3 * left!.ankleBendDeg! - 0.5 * right!.hipBendDeg!,
    ]);
    expect(error).toBeCloseTo(1.96 * sd, 9);
  });

  it('a range that was measured is surer than one taken as usual', () => {
    const errors = rangeErrors('squat', { left: { ankleBendDeg: 30 } });
    const of = (side: string) =>
      errors.find((error) => error.side === side && error.limit === 'ankleBendDeg')!.sdDeg;
    expect(of('left')).toBe(1.7);
    expect(of('right')).toBe(6);
  });
});

describe('errors of the reach', () => {
  it('grow when a range that binds was not measured', () => {
    const known = reachErrorDeg(question, measured);
    const unknown = reachErrorDeg(question, { ...measured, right: {} });
    expect(known).toBeGreaterThan(1);
    expect(unknown).toBeGreaterThan(known);
  });

  it('of a gain follow the range that is short', () => {
    const even = { left: ranges(28, 103, 140), right: ranges(28, 103, 140) };
    const [most, next] = whatIf({ ...question, limits: even });
    expect(most.limit).toBe('ankleBendDeg');
    expect(next.limit).toBe('ankleBendDeg');
    for (const { errorCm, gainsCm } of [most, next]) {
      expect(errorCm).toBeGreaterThan(0.1);
      expect(errorCm).toBeLessThan(gainsCm);
    }
  });
});

it.each(SIDES)(
  'on the %s leg nothing is told of the leg in the air that buys nothing',
  (oneLeg) => {
    const even = { left: ranges(28, 103, 120), right: ranges(28, 103, 120) };
    const alone = { ...question, limits: even, setup: { ...question.setup, oneLeg } };
    const bought = whatIf(alone);
    expect(bought.map(({ side }) => side)).toContain(oneLeg);
    for (const { side, gainsCm } of bought)
      if (side !== oneLeg) expect(gainsCm).toBeGreaterThan(0.05);
    expect(new Set(whatIf({ ...question, limits: even }).map(({ side }) => side)).size).toBe(2);
  },
);

describe('attribution with errors', () => {
  const input = { ...question, seenDeg: 30 };

  it('says the same shares, and tells how far it is', () => {
    const told: number[] = [];
    const found = attributeWithErrors(input, (done, all) => told.push(done / all));
    const plain = attribute(input);
    expect(found.shares.map(({ part, cm }) => ({ part, cm }))).toEqual(plain.shares);
    expect(told.at(-1)).toBe(1);
    expect(told).toHaveLength(13);
  });

  it('a seen depth adds its reading error to what range does not explain', () => {
    const { shares, shortfallErrorCm } = attributeWithErrors(input);
    const rest = shares.find(({ part }) => part === 'not explained by range')!;
    expect(rest.errorCm).toBeGreaterThan(4);
    expect(shortfallErrorCm).toBeGreaterThan(4);
    const unseen = attributeWithErrors({ ...input, seenDeg: null });
    expect(unseen.shortfallErrorCm).toBeLessThan(shortfallErrorCm);
  });
});
