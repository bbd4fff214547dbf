import { plumbFromPhone } from '../src';

const SIZE = [600, 800] as const;

/** Degrees by which the line leans to the right of upright. */
const leanOf = (betaDeg: number, gammaDeg: number, screenDeg = 0): number | null => {
  const line = plumbFromPhone({ betaDeg, gammaDeg, screenDeg }, SIZE);
  if (!line) return null;
  const [dx, dy] = [line.to[0] - line.from[0], line.from[1] - line.to[1]];
  return Math.round((Math.atan2(dx, dy) * 180) / Math.PI) + 0;
};

it.each([
  ['held upright', 90, 0, 0, 0],
  ['tipped back, still upright on the picture', 70, 0, 0, 0],
  ['rolled a little to the right: the world leans left', 60, 10, 0, -6],
  ['rolled the other way', 60, -10, 0, 6],
  ['on its left side, screen turned with it', 0, -90, 90, 0],
  ['on its right side, screen turned with it', 0, 90, -90, 0],
  ['upside down', -90, 0, 180, 0],
] as const)('%s', (_, beta, gamma, screen, lean) => {
  expect(leanOf(beta, gamma, screen)).toBe(lean);
});

it.each([
  ['flat on a table', 0, 0],
  ['almost flat', 15, 5],
])('%s: a picture of the floor has no upright', (_, beta, gamma) => {
  expect(leanOf(beta, gamma)).toBeNull();
});

it('lies in the middle of the picture', () => {
  const { from, to } = plumbFromPhone({ betaDeg: 80, gammaDeg: 5, screenDeg: 0 }, SIZE)!;
  expect((from[0] + to[0]) / 2).toBeCloseTo(300, 9);
  expect((from[1] + to[1]) / 2).toBeCloseTo(400, 9);
});
