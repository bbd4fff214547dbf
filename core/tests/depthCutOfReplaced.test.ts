import {
  askSettle,
  bodyOf,
  maybeDepthCut,
  usualSetup,
  USUAL_SETUP,
  type CutQuestion,
} from '../src';
import { cutDegOf, cutQuestion } from './cutQuestion';
import { painAt } from './painAt';

describe('as deep as a surgeon allows', () => {
  const hip = (mostDeg: number | null, side: 'left' | 'right' = 'right') => ({
    replaced: [{ joint: 'hip', side, mostDeg }] as const,
  });
  const cutTo = (mostDeg: number | null, more: Partial<CutQuestion> = {}) =>
    maybeDepthCut(cutQuestion([], { seenDeg: 0, ...hip(mostDeg), ...more }));

  it('the joint bends to its limit there and no further, by the posture model', () => {
    const cut = cutTo(90)!;
    expect(cut.says).toMatch(/the right hip bends \d+°, and the surgeon lets it bend to 90°\.$/);
    const bends = Number(/bends (\d+)°/.exec(cut.says)![1]);
    expect(bends).toBeLessThanOrEqual(90);
    expect(bends).toBeGreaterThan(80);
  });

  const bendAt = (thighDeg: number): number => {
    const asked = { ...cutQuestion([]), body: bodyOf(1.75, 75, undefined) };
    const found = askSettle(asked, { thighDeg });
    if (found.status !== 'found') throw new Error(`no posture at ${thighDeg}°`);
    return found.posture.hipBendDeg.right;
  };

  it('as deep as was seen counts, and no step beside it', () => {
    const [seen, next] = [bendAt(3), bendAt(5)];
    expect(seen).toBeGreaterThan(next);
    expect(cutTo((seen + next) / 2, { seenDeg: 3 })!.deg).toBe(5);
    expect(cutTo(seen + 0.01, { seenDeg: 3 })).toBeNull();
    expect(cutTo(bendAt(2) + 0.01, { seenDeg: 2 })).toBeNull();
  });

  it('says where level is', () => {
    const says = Array.from({ length: 20 }, (_, i) => 140 - i).flatMap(
      (deg) => cutTo(deg, { seenDeg: -20 })?.says.split(':')[0] ?? [],
    );
    const places = [
      'Thighs no lower than 5° below level',
      'Thighs no lower than level',
      'Thighs no lower than 5° above level',
    ];
    expect(says).toEqual(expect.arrayContaining(places));
  });

  it('less allowed is never deeper', () => {
    const depths = [110, 100, 90, 80, 70].map((deg) => cutTo(deg)?.deg ?? -Infinity);
    expect(depths).toEqual([...depths].sort((a, b) => a - b));
  });

  it.each<[string, number | null, Partial<CutQuestion>]>([
    ['a limit that the pattern never comes near', 130, {}],
    ['a limit that was not told', null, {}],
    ['a shoulder', null, { replaced: [{ joint: 'shoulder', side: 'left', mostDeg: 60 }] }],
  ])('%s cuts nothing', (_name, deg, more) => expect(cutTo(deg, more)).toBeNull());

  it('on one leg the hip of the leg in the air counts, too', () =>
    expect(cutTo(80, { setup: { ...USUAL_SETUP, oneLeg: 'left' } })!.says).toMatch(
      /there the right hip bends \d+°, and the surgeon lets it bend to 80°/,
    ));

  it('what no depth keeps is said to be asked for', () =>
    expect(cutTo(10)!.says).toMatch(/more than the 10° that the surgeon allows: ask before/));

  it('of a pain and a limit the one that allows less counts', () => {
    const knee = painAt();
    const both = maybeDepthCut(cutQuestion([knee], { seenDeg: 0, ...hip(95) }))!.deg;
    expect(both).toBe(Math.max(cutTo(95)!.deg, cutDegOf({}, { seenDeg: 0 })!));
  });

  it('of two limits of a hinge the one that leans less counts, whichever is told first', () => {
    const limits = [60, 75].map((mostDeg) => ({ joint: 'hip', side: 'right', mostDeg }) as const);
    const cut = (replaced: CutQuestion['replaced']) => cutTo(null, { ...hinge, replaced })!.deg;
    const strict = cut(limits.slice(0, 1));
    expect(cut(limits.slice(1))).toBeGreaterThan(strict);
    expect(cut(limits)).toBe(strict);
    expect(cut(limits.toReversed())).toBe(strict);
  });

  const hinge = { pattern: 'hinge', seenDeg: null, setup: usualSetup('hinge', 1.75) } as const;
  it('a hinge is cut by its lean', () =>
    expect(cutTo(60, hinge)!.says).toMatch(/^Lean no further/));

  it('a hinge that no depth keeps is as high as it is still practised', () =>
    expect(cutTo(10, hinge)!.deg).toBe(20));

  it('nobody leans further than is usual: what is allowed beyond cuts nothing', () => {
    const usual = Array.from({ length: 20 }, (_, i) => 100 + i).find((deg) => !cutTo(deg, hinge))!;
    expect(usual).toBeLessThan(110);
    expect(cutTo(usual - 2, hinge)!.deg).toBe(75);
  });
});
