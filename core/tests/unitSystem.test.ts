import { PROBES } from '../src/knowledge/probes';
import {
  feetOf,
  inUnits,
  inUnitsWhereMarked,
  metresOfFeet,
  shownUnit,
} from '../src/foundation/words/unitSystem';

it.each([
  ['hips slide, 34 mm', 'hips slide, 1.3 in'],
  ['34 mm → 6 mm', '34 mm → 6 mm'.replace('34 mm', '1.3 in').replace('6 mm', '0.2 in')],
  ['1 mm', '0.04 in'],
  ['0 mm up', '0 in up'],
  ['6.1 ± 1.2 cm', '2.4 ± 0.5 in'],
  ['Hold 5 kg at arm’s length.', 'Hold 11 lb at arm’s length.'],
  ['2 × 2.5 kg', '2 × 5.5 lb'],
  ['75 kg', '165 lb'],
  ['1.78 m', '5 ft 10 in'],
  ['a moment of 100 Nm', 'a moment of 74 lb·ft'],
  ['12° ± 3°, in 5 minutes, 4 reps, 8 s', '12° ± 3°, in 5 minutes, 4 reps, 8 s'],
  ['9.8 m/s and 3 mmHg', '9.8 m/s and 3 mmHg'],
])('"%s" is "%s" elsewhere', (text, said) => {
  expect(inUnits(text, 'imperial')).toBe(said);
  expect(inUnits(text, 'metric')).toBe(text);
});

it('what somebody typed stays as it is, beside a measure of ours', () => {
  const text = 'Goal: squat 100 kg. Held: 12\u00a0kg';
  expect(inUnitsWhereMarked(text, 'imperial')).toBe('Goal: squat 100 kg. Held: 26.5\u00a0lb');
  expect(inUnitsWhereMarked(text, 'metric')).toBe(text);
});

it.each(PROBES.map(({ id, say }) => [id, say]))(
  'nothing metric is left of probe %s',
  (_id, say) => {
    expect(inUnits(say, 'imperial')).not.toMatch(/\d (mm|cm|kg)\b/);
  },
);

it.each([
  ['mm', 20, 0.8, 2, 0.1],
  ['mm', 25, 1, 5, 0.2],
  ['cm', 36, 14.2, 1, 0.5],
  ['kg', 10, 22, 2.5, 5],
  ['kg', 62.14, 137, 1, 2],
])('%s: %p is shown as %p', (unit, kept, shown, step, stepped) => {
  const imperial = shownUnit(unit, 'imperial');
  expect(imperial.shown(kept)).toBe(shown);
  expect(imperial.step(step)).toBe(stepped);
  expect(shownUnit(unit, 'metric').shown(kept)).toBe(kept);
});

it.each(['mm', 'cm', 'kg'])('what is typed in place of %s is what is shown again', (unit) => {
  const { shown, kept } = shownUnit(unit, 'imperial');
  for (let tenths = 0; tenths <= 2000; tenths++) expect(shown(kept(tenths / 10))).toBe(tenths / 10);
});

it.each(['°', 's', '%', '', 'min'])('a number of "%s" is the same everywhere', (unit) => {
  const { sign, shown, kept, step } = shownUnit(unit, 'imperial');
  expect([sign, shown(7), kept(7), step(2)]).toEqual([unit, 7, 7, 2]);
});

it.each([
  ['5 ft 10 in', 1.778],
  ['5’10”', 1.778],
  [`5'10"`, 1.778],
  ['5 10', 1.778],
  ['6 ft', 1.829],
  ['70 in', 1.778],
  ['70', 1.778],
  ['5 ft 7,5 in', 1.715],
])('a height of %s is %p m', (typed, metres) => {
  expect(metresOfFeet(typed)).toBe(metres);
});

it.each(['', 'tall', '1.78 m', '0', 'ft', '5 ft ten'])('"%s" is no height', (typed) => {
  expect(metresOfFeet(typed)).toBeNaN();
});

it('a height is said as it was typed', () => {
  for (let inches = 36; inches <= 94; inches++) {
    const words = `${Math.floor(inches / 12)} ft ${inches % 12} in`;
    expect(feetOf(metresOfFeet(words))).toBe(words);
  }
});
