import {
  captureOf,
  HOLD,
  MOST_ROLL_DEG,
  turnFrom,
  type Reading,
} from '../src/measure/instruments/steady';

/** Readings every 40 ms for so long, at angles given by their number. */
const held = (seconds: number, degAt: (i: number) => number, rollDeg = 0): Reading[] =>
  Array.from({ length: Math.floor(seconds * 25) }, (_, i) => ({
    atMs: i * 40,
    deg: degAt(i),
    rollDeg,
  }));

const after = (seconds: number, degAt: (i: number) => number, rollDeg = 0) =>
  captureOf(held(seconds, degAt, rollDeg), seconds * 1000, 0);

it.each([
  ['half way', 0.75, () => 40, { status: 'holding', share: 0.5 }],
  ['just not long enough', 1.48, () => 40, { status: 'holding' }],
  ['long enough', HOLD.seconds, () => 40, { status: 'captured', deg: 40 }],
  ['a shaking hand', HOLD.seconds, (i: number) => 40 + (i % 2 ? 1 : -1), { status: 'captured' }],
  ['a limb that goes on', HOLD.seconds, (i: number) => 30 + i * 0.2, { status: 'moved' }],
  ['a jerk', 0.5, (i: number) => (i === 9 ? 48 : 40), { status: 'moved' }],
] as [string, number, (i: number) => number, object][])('%s', (_, seconds, degAt, expected) => {
  expect(after(seconds, degAt)).toMatchObject(expected);
});

it.each([
  [MOST_ROLL_DEG, 'captured'],
  [MOST_ROLL_DEG + 0.1, 'rolled'],
  [-MOST_ROLL_DEG - 0.1, 'rolled'],
])('rolled by %d°: %s', (rollDeg, status) => {
  expect(after(HOLD.seconds, () => 40, rollDeg).status).toBe(status);
});

it('too few readings are not taken, however long it was held', () => {
  const few = held(HOLD.seconds, () => 40).slice(0, HOLD.fewest - 1);
  expect(captureOf(few, 5000, 0).status).toBe('holding');
});

it.each([
  [10, 30, 20],
  [350, 10, 20],
  [10, 350, -20],
  [-170, 170, -20],
])('from %d° to %d° is %d° round', (from, to, expected) => {
  expect(turnFrom(from, to)).toBeCloseTo(expected, 9);
});
