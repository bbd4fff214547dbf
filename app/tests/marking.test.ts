import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';
import {
  lineOf,
  middleOf,
  movedTo,
  shownMarks,
  toSet,
  WHOLE,
  type Marking,
} from '../src/measure/picture/marking';

const picture = {
  view: 'side',
  width: 100,
  height: 200,
  marks: {},
  plumb: null,
  scale: null,
} as unknown as PictureRecord;
const guess = { hip: [10, 20], knee: [30, 40] } as const;
const LINE = { from: [90, 10], to: [90, 150] } as const;
const blank: Marking = { picture, guess, line: LINE };

it('offers every mark and has none until it is set', () => {
  expect(shownMarks(blank)).toEqual(guess);
  expect(toSet(picture)).toHaveLength(6);
});

it('a mark put where it was offered is set', () => {
  const one = movedTo(blank, 'joints', 'hip', [10, 20]);
  expect(one.picture.marks).toEqual({ hip: [10, 20] });
  expect(toSet(one.picture)).not.toContain('hip');
  expect(toSet(one.picture)).toHaveLength(5);
});

it('taking all along sets none, and moves what was set too', () => {
  const one = movedTo(blank, 'joints', 'hip', [12, 22]);
  const moved = movedTo(one, 'joints', WHOLE, [121, 131]);
  expect(middleOf(Object.values(shownMarks(moved)))).toEqual([121, 131]);
  expect(Object.keys(moved.picture.marks)).toEqual(['hip']);
  expect(shownMarks(moved).knee).toEqual([130, 140]);
});

it('a length that nobody told is a line to lay, and no scale', () => {
  const laid = movedTo(blank, 'length', 'to', [80, 150]);
  expect(laid.picture.scale).toBeNull();
  expect(lineOf(laid, 'length')).toEqual({ from: [90, 10], to: [80, 150] });
});

it.each([
  ['length', { scale: { ...LINE, cm: 40 } }, { scale: { from: [1, 2], to: [90, 150], cm: 40 } }],
  ['plumb', { plumb: LINE }, { plumb: { from: [1, 2], to: [90, 150] } }],
] as const)('a %s that is there is moved by its end', (mode, part, expected) => {
  const one: Marking = { ...blank, picture: { ...picture, ...part } };
  expect(movedTo(one, mode, 'from', [1, 2]).picture).toMatchObject(expected);
});

it('joints have no line of their own', () => expect(lineOf(blank, 'joints')).toBeNull());
