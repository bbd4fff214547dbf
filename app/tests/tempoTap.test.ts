import { STANDING, tapTempo, type TempoTap } from '../src/visit/look/tempoTap';

function tapped(...times: number[]) {
  const reps: unknown[] = [];
  let tap: TempoTap = STANDING;
  for (const time of times) {
    const { next, rep } = tapTempo(tap, time);
    tap = next;
    if (rep) reps.push(rep);
  }
  return { at: tap.at, reps };
}

it.each([
  ['nothing yet', [], 'standing', []],
  ['the way down', [1000], 'going-down', []],
  ['the bottom', [1000, 3100], 'coming-up', []],
  ['a whole repetition', [1000, 3100, 4500], 'standing', [{ downS: 2.1, upS: 1.4 }]],
  [
    'two of them',
    [0, 2000, 3000, 5000, 6500, 7000],
    'standing',
    [
      { downS: 2, upS: 1 },
      { downS: 1.5, upS: 0.5 },
    ],
  ],
  ['just a minute', [0, 60_000], 'coming-up', []],
  ['taps that were left lying', [0, 60_200], 'going-down', []],
])('%s', (_, times, at, reps) => {
  expect(tapped(...times)).toEqual({ at, reps });
});
