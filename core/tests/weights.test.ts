import {
  NO_WEIGHTS,
  seeded,
  weightOfRung,
  weightsFor,
  type RungWeight,
  type Weights,
} from '../src';

const ROOM: Weights = {
  dumbbells: [
    { kg: 2, count: 2 },
    { kg: 4, count: 2 },
    { kg: 8, count: 1 },
    { kg: 16, count: 2 },
  ],
  plates: [
    { kg: 1.25, count: 4 },
    { kg: 2.5, count: 2 },
  ],
  handles: 2,
  handleKg: 2,
};

const kgs = (there: Weights, hands: 1 | 2) => weightsFor(there, hands).map(({ kg }) => kg);

it('holds in one hand what there is one of, in two what there are two of', () => {
  expect(kgs(ROOM, 1)).toEqual([1.25, 2, 2.5, 4, 4.5, 7, 8, 9.5, 12, 16].sort((a, b) => a - b));
  expect(kgs(ROOM, 2)).toEqual([2, 4, 4.5, 16]);
});

it('says what a handle is loaded with, in the fewest plates', () => {
  const two = {
    ...NO_WEIGHTS,
    handles: 1,
    plates: [
      { kg: 1.25, count: 4 },
      { kg: 2.5, count: 2 },
    ],
  };
  expect(weightsFor(two, 1).find(({ kg }) => kg === 7)!.of).toBe('handle + 2 × 2.5 kg');
});

/** All multisets of plates on one end, tried one by one. */
function bruteForce({ plates, handles, handleKg }: Weights, hands: 1 | 2): number[] {
  if (handles < hands) return [];
  const perEnd = plates.flatMap(({ kg, count }) =>
    Array.from({ length: Math.floor(count / (2 * hands)) }, () => kg),
  );
  const sums = Array.from({ length: 2 ** perEnd.length }, (_, mask) =>
    perEnd.reduce((sum, kg, i) => sum + (mask & (1 << i) ? kg : 0), 0),
  );
  return [...new Set(sums.map((sum) => Math.round(1000 * (handleKg + 2 * sum)) / 1000))];
}

it('makes every mass that plates can make, and no other (200 random rooms)', () => {
  const chance = seeded(20261126);
  for (let n = 0; n < 200; n++) {
    const sizes = [0.5, 1.25, 2.5, 5, 10].filter(() => chance() < 0.6);
    const there: Weights = {
      dumbbells: [],
      plates: sizes.map((kg) => ({ kg, count: 1 + Math.floor(chance() * 8) })),
      handles: Math.floor(chance() * 3),
      handleKg: [1, 2, 2.5][Math.floor(chance() * 3)],
    };
    const alone = there.plates.map(({ kg }) => kg);
    for (const hands of [1, 2] as const) {
      const wanted = new Set([...bruteForce(there, hands), ...(hands === 1 ? alone : [])]);
      expect(kgs(there, hands)).toEqual([...wanted].sort((a, b) => a - b));
    }
  }
});

describe('the weight of a rung', () => {
  const carried = (percentPerHand: number): RungWeight => ({ as: 'carried', percentPerHand });
  const ahead = (percent: number): RungWeight => ({ as: 'counterweight', percent });

  it.each([
    // 5 % of 80 kg is 4 kg; of 79 kg 3.95, of which a tenth is told.
    ['just there', carried(5), 80, { status: 'found', kg: 4, percent: 5 }],
    ['a load is rounded down', carried(5.5), 80, { status: 'found', kg: 4, wantedKg: 4.4 }],
    ['just there by plates', carried(5.6), 80, { status: 'found', kg: 4.5, wantedKg: 4.5 }],
    ['never up', carried(12.5), 80, { status: 'found', kg: 4.5, wantedKg: 10 }],
    [
      'lighter than there is',
      carried(2),
      80,
      { status: 'too-heavy', wantedKg: 1.6, lightestKg: 2 },
    ],
    ['a counterweight is the nearest', ahead(10), 80, { status: 'found', kg: 8 }],
    [
      'at the chest there is one of it',
      { as: 'at-chest', percent: 25 } as RungWeight,
      80,
      { status: 'found', kg: 16, wantedKg: 20 },
    ],
  ])('%s', (_name, weight, massKg, wanted) => {
    expect(weightOfRung(weight, massKg, ROOM)).toMatchObject(wanted);
  });

  it('of two as near, help is the heavier', () => {
    const there = {
      ...NO_WEIGHTS,
      dumbbells: [
        { kg: 6, count: 1 },
        { kg: 10, count: 1 },
      ],
    };
    expect(weightOfRung(ahead(10), 80, there)).toMatchObject({ kg: 10 });
  });

  it('nothing there: what is asked is told', () => {
    expect(weightOfRung(carried(20), 71.3, NO_WEIGHTS)).toEqual({
      status: 'nothing-there',
      wantedKg: 14.3,
    });
  });

  it('a load is never above what is asked (1,000 random)', () => {
    const chance = seeded(7);
    for (let n = 0; n < 1000; n++) {
      const got = weightOfRung(carried(1 + chance() * 24), 40 + chance() * 100, ROOM);
      if (got.status === 'found') expect(got.kg).toBeLessThanOrEqual(got.wantedKg + 0.005);
      else if (got.status === 'too-heavy') expect(got.lightestKg).toBeGreaterThan(got.wantedKg);
    }
  });
});
