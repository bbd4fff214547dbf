import { LEAST_CLIENTS, LEAST_GAINS, rollUpGains, type KeptGain } from '@taxikine/core';
import { seeded } from '@taxikine/core';

const gain = (share: number | null, part: Partial<KeptGain> = {}): KeptGain => ({
  check: 'ankle-bend-knee-bent',
  side: 'left',
  from: '2026-03-01T10:00:00.000Z',
  to: '2026-03-08T10:00:00.000Z',
  days: 7,
  share,
  ...part,
});

/** One client each, a gain each. */
const ofClients = (shares: readonly (number | null)[]) =>
  shares.map((share, i) => ({ clientId: `c${i}`, gains: [gain(share)] }));

it('nothing of nothing', () => {
  expect(rollUpGains([])).toEqual([]);
  expect(rollUpGains([{ clientId: 'a', gains: [] }])).toEqual([]);
});

it('quartiles between the two nearest', () => {
  const [one] = rollUpGains(ofClients([0.1, 0.2, 0.4, 0.8, 1]));
  expect(one.share).toEqual({ low: 0.2, middle: 0.4, high: 0.8 });
  const [six] = rollUpGains(ofClients([0, 0.2, 0.4, 0.6, 0.8, 1]));
  expect(six.share!.low).toBeCloseTo(0.25, 12);
  expect(six.share!.middle).toBeCloseTo(0.5, 12);
  expect(six.share!.high).toBeCloseTo(0.75, 12);
});

it.each([
  ['one gain too few', LEAST_GAINS - 1, LEAST_GAINS - 1, false],
  ['enough of both', LEAST_GAINS, LEAST_CLIENTS, true],
  ['one client too few', LEAST_GAINS, LEAST_CLIENTS - 1, false],
])('says nothing with %s', (_what, gains, clients, isSaid) => {
  const rows = Array.from({ length: gains }, (_, i) => ({
    clientId: `c${i % clients}`,
    gains: [gain(0.5)],
  }));
  expect(rollUpGains(rows)[0].share !== null).toBe(isSaid);
});

it('gains within measuring error are counted and are no share', () => {
  const [one] = rollUpGains(ofClients([0.5, 0.5, 0.5, 0.5, 0.5, null, null]));
  expect(one).toMatchObject({ gains: 5, clients: 5, within: 2, days: 7 });
  const [none] = rollUpGains(ofClients([null]));
  expect(none).toMatchObject({ gains: 0, clients: 0, within: 1, share: null });
});

it('the check known best comes first, and the order of clients says nothing', () => {
  const random = seeded(20261126);
  for (let round = 0; round < 200; round++) {
    const rows = Array.from({ length: 12 }, (_, i) => ({
      clientId: `c${i}`,
      gains: Array.from({ length: Math.floor(random() * 4) }, () =>
        gain(random() < 0.2 ? null : random() * 1.4, {
          check: random() < 0.5 ? 'ankle-bend-knee-bent' : 'straight-leg-raise',
          days: Math.floor(random() * 30),
        }),
      ),
    }));
    const summed = rollUpGains(rows);
    expect(rollUpGains([...rows].reverse())).toEqual(summed);
    expect(summed.map(({ gains }) => gains)).toEqual(
      summed.map(({ gains }) => gains).sort((a, b) => b - a),
    );
    for (const { share } of summed)
      if (share) expect(share.low <= share.middle && share.middle <= share.high).toBe(true);
    expect(summed.reduce((sum, { gains, within }) => sum + gains + within, 0)).toBe(
      rows.flatMap(({ gains }) => gains).length,
    );
  }
});
