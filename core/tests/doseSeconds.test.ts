import { doseMinutes, doseWords, REST_BETWEEN_SETS, setSeconds, type Dose } from '../src';
import { maybeFitted } from '../src/knowledge/doseSeconds';

const reps = (sets: number): Dose => ({ by: 'reps', reps: 12, sets, secondsEach: 4 });
const hold = (sets: number): Dose => ({ by: 'hold', seconds: 45, sets });
const breaths = (sets: number): Dose => ({ by: 'breaths', breaths: 5, sets });

it.each<[Dose, number, number, string]>([
  [reps(1), 48, 0.8, '1 × 12 slow'],
  [reps(2), 48, 111 / 60, '2 × 12 slow'],
  [hold(1), 45, 0.75, '1 × 45 s'],
  [hold(3), 45, 165 / 60, '3 × 45 s'],
  [breaths(1), 30, 0.5, '1 × 5 breaths'],
  [breaths(3), 30, 2, '3 × 5 breaths'],
])('%j: a set of %p s, %p minutes with rests, “%s”', (dose, seconds, minutes, words) => {
  expect(setSeconds(dose)).toBe(seconds);
  expect(doseMinutes(dose)).toBeCloseTo(minutes, 9);
  expect(doseWords(dose)).toBe(words);
});

it('a rest is a quarter of a minute', () => expect(REST_BETWEEN_SETS).toBe(15));

it.each<[number, number | null]>([
  [10, 3],
  [165 / 60, 3],
  [164 / 60, 2],
  [105 / 60, 2],
  [104 / 60, 1],
  [0.75, 1],
  [0.74, null],
  [0, null],
])('three holds in %p minutes: %p sets', (minutes, sets) =>
  expect(maybeFitted(hold(3), minutes)).toEqual(sets === null ? null : hold(sets)),
);
