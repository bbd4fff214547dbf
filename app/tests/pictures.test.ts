import type { PictureMeasure } from '@taxikine/core/media/picture/pictureMeasures';
import { limbLines } from '../src/measure/picture/limbLines';
import { measureWords } from '../src/measure/picture/PictureMeasures';
import '../src/words/coachWords';
import { catalogue } from '../src/words/i18n';

const textOf = (key: string, values?: Record<string, unknown>) =>
  catalogue.t(key, values) as string;

const one = (measure: PictureMeasure['measure'], value: number, error = 2): PictureMeasure => ({
  measure,
  side: null,
  value,
  error,
});

it.each([
  ['an angle', one('shin-lean', 31.4, 2.2), '31° ±\u00a02°'],
  ['less than nothing', one('thigh', -4.2), '-4° ±\u00a02°'],
  ['what rounds to nought', one('thigh', -0.3), '0° ±\u00a02°'],
  ['an error is never nothing', one('knee-bend', 90, 0.1), '90° ±\u00a01°'],
  ['hips to the left', one('hip-shift', 22, 9), '22 mm ±\u00a09 mm, to the left'],
  ['hips to the right', one('hip-shift-share', -12, 4), '12 % ±\u00a04 %, to the right'],
  ['right side higher', one('pelvis-tilt', 3), '3° ±\u00a02°, higher on the right'],
  ['left side higher', one('shoulder-tilt', -3), '3° ±\u00a02°, higher on the left'],
  ['level', one('pelvis-tilt', 0.2), '0° ±\u00a02°'],
])('%s', (_, measure, words) => {
  expect(measureWords(measure, textOf)).toBe(words);
});

it('lines join only marks that are there', () => {
  const marks = { hip: [1, 2], knee: [3, 4], toe: [9, 9] } as const;
  expect(limbLines('side', marks)).toBe('M1 2L3 4');
  expect(limbLines('back', {})).toBe('');
});
