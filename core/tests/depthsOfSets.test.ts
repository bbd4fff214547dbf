import { radOfDeg } from '../src';
import { deepest } from '../src/body/solver/deepest';
import { depthsOfSets, type PartsFamily } from '../src/body/solver/depthsOfSets';
import type { SideLimitsDeg } from '../src/body/solver/limits';
import type { Pattern } from '../src/body/stance/patterns';
import { problemFor, randomBody, ranges, seeded, within } from './randomBodies';

const JOINTS = ['ankleBendDeg', 'hipBendDeg', 'kneeBendDeg'] as const;
const USUAL = ranges(38, 125, 145);

/** Six parts: three ranges a side, each usual or the client's own. */
function familyOf(seed: number, pattern: Pattern): PartsFamily {
  const random = seeded(seed);
  const body = randomBody(random);
  const own = () =>
    ranges(within(random, 25, 38), within(random, 105, 125), within(random, 120, 145));
  const client = { left: own(), right: own() };
  const side = (one: 'left' | 'right', members: number): SideLimitsDeg =>
    Object.fromEntries(
      JOINTS.map((name, i) => {
        const bit = 1 << (one === 'left' ? i : i + 3);
        return [name, members & bit ? client[one][name] : USUAL[name]];
      }),
    );
  return {
    count: 6,
    narrows: () => true,
    problemOf: (members) =>
      problemFor(body, { left: side('left', members), right: side('right', members) }, { pattern }),
  };
}

describe.each(['squat', 'hinge', 'split'] as const)('%s', (pattern) => {
  it.each([1, 2, 3, 4])('body %i: sets are as deep as when they are worked out alone', (seed) => {
    const family = familyOf(seed, pattern);
    const apart = depthsOfSets(family, () => {}).map((answer, members) => {
      const alone = deepest(family.problemOf(members));
      if (answer.status !== 'reached' || alone.status !== 'reached') throw new Error('impossible');
      return answer.depthRad - alone.depthRad;
    });
    // Of the many valleys of a lopsided body the one search may find a deeper one than the other.
    const alike = apart.filter((rad) => Math.abs(rad) < 5e-4);
    expect(alike.length).toBeGreaterThan(0.85 * apart.length);
    for (const rad of apart) expect(Math.abs(rad)).toBeLessThan(radOfDeg(1.5));
    expect(Math.abs(apart[apart.length - 1])).toBeLessThan(5e-4);
  });
});

it('says how many sets are worked out, and narrower sets are never deeper', () => {
  const done: number[] = [];
  const family = familyOf(5, 'squat');
  const answers = depthsOfSets(family, (count) => done.push(count));
  expect(done).toEqual(answers.map((_, i) => i + 1));
  const depth = (members: number) => {
    const answer = answers[members];
    return answer.status === 'reached' ? answer.depthRad : Infinity;
  };
  for (let members = 0; members < 64; members++)
    for (let part = 0; part < 6; part++)
      expect(depth(members | (1 << part))).toBeGreaterThan(depth(members) - 1e-6);
});

it('a set that nobody can stand in stops all narrower ones', () => {
  const setup = { stanceCm: 300 };
  const impossible = problemFor(
    randomBody(seeded(1)),
    { left: ranges(40), right: ranges(40) },
    { setup },
  );
  const wide = familyOf(1, 'squat');
  const family: PartsFamily = {
    ...wide,
    count: 2,
    problemOf: (members) => (members & 1 ? impossible : wide.problemOf(0)),
  };
  const answers = depthsOfSets(family, () => {});
  expect(deepest(impossible).status).toBe('impossible');
  expect(answers.map(({ status }) => status)).toEqual([
    'reached',
    'impossible',
    'reached',
    'impossible',
  ]);
});
