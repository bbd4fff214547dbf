import { bodyOf, stanceProblems, usualSetup, type Pattern, type Setup } from '../src';

const body = bodyOf(1.75, 75);
const problemsOf = (pattern: Pattern, part: Partial<Setup>) =>
  stanceProblems(body, pattern, { ...usualSetup(pattern, 1.75), ...part }).map(
    ({ field, message }) => `${field}: ${message}`,
  );
const held = (kg: number): Partial<Setup> => ({ arms: 'forward', load: { at: 'ahead', kg } });

describe('a load held ahead', () => {
  it.each<[Pattern, number, boolean]>([
    ['squat', 40, false],
    ['squat', 120, false],
    ['squat', 130, true],
    ['squat', 300, true],
    ['hinge', 100, false],
    ['hinge', 115, true],
  ])('in a %s, %i kg', (pattern, kg, isTooMuch) => {
    const message = `load.kg: ${kg} kg held there is more than this body can balance`;
    expect(problemsOf(pattern, held(kg))).toEqual(isTooMuch ? [message] : []);
  });

  it('more of it never helps', () => {
    const tooMuch = Array.from({ length: 30 }, (_, i) => problemsOf('squat', held(10 + 10 * i)))
      .map((problems) => problems.length > 0)
      .join(' ');
    expect(tooMuch).toMatch(/^(false )+(true ?)+$/);
  });
});

describe('feet further apart than the legs reach', () => {
  it.each<[Pattern, Partial<Setup>, RegExp | null]>([
    ['squat', { stanceCm: 90 }, null],
    ['squat', { stanceCm: 190 }, /^stanceCm: feet 190 cm apart: the legs reach 1[4-6]\d cm$/],
    ['lunge', { stepCm: 100 }, null],
    ['lunge', { stepCm: 190 }, /^stepCm: a step of 190 cm: the legs reach 1\d\d cm$/],
  ])('%s %j', (pattern, part, message) => {
    const [problem] = problemsOf(pattern, part);
    if (message) expect(problem).toMatch(message);
    else expect(problem).toBeUndefined();
  });

  it('is what is said of it, whatever is held', () =>
    expect(problemsOf('squat', { stanceCm: 190, ...held(200) })[0]).toMatch(/^stanceCm/));
});
