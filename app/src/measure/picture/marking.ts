import {
  marksOf,
  type MarkId,
  type Marks,
  type PictureLine,
  type PicturePoint,
} from '@taxikine/core/records/pictures/marks';
import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';

export type Mode = 'joints' | 'plumb' | 'length';

/** The handle that takes all marks along. */
export const WHOLE = 'whole';

/** What is on the picture: what was set, and where the rest would be. Only what was set is kept. */
export interface Marking {
  readonly picture: PictureRecord;
  /** Where marks that nobody has set yet are offered. */
  readonly guess: Marks;
  /** A line over a length that nobody has told yet. */
  readonly line: PictureLine;
}

/** Marks to show: set ones where they were set, the others where they are offered. */
export const shownMarks = ({ picture, guess }: Marking): Marks => ({ ...guess, ...picture.marks });

export const toSet = ({ view, marks }: PictureRecord): MarkId[] =>
  marksOf(view).filter((id) => !marks[id]);

/** The line that a mode lays; in a length not told yet, the one to begin with. */
export function lineOf({ picture, line }: Marking, mode: Mode): PictureLine | null {
  if (mode === 'plumb') return picture.plumb;
  return mode === 'length' ? (picture.scale ?? line) : null;
}

export const middleOf = (points: readonly PicturePoint[]): PicturePoint => [
  points.reduce((sum, [x]) => sum + x, 0) / points.length,
  points.reduce((sum, [, y]) => sum + y, 0) / points.length,
];

const movedBy = (marks: Marks, dx: number, dy: number): Marks =>
  Object.fromEntries(Object.entries(marks).map(([id, [x, y]]) => [id, [x + dx, y + dy]]));

/** All marks taken along until their middle is there: offered ones stay offered. */
function wholeTo(marking: Marking, [x, y]: PicturePoint): Marking {
  const [mx, my] = middleOf(Object.values(shownMarks(marking)));
  const { picture, guess } = marking;
  return {
    ...marking,
    guess: movedBy(guess, x - mx, y - my),
    picture: { ...picture, marks: movedBy(picture.marks, x - mx, y - my) },
  };
}

/** A handle put somewhere. A mark is set by that, also where it was. */
export function movedTo(marking: Marking, mode: Mode, id: string, at: PicturePoint): Marking {
  const { picture } = marking;
  if (mode === 'plumb' && picture.plumb)
    return { ...marking, picture: { ...picture, plumb: { ...picture.plumb, [id]: at } } };
  if (mode === 'length' && picture.scale)
    return { ...marking, picture: { ...picture, scale: { ...picture.scale, [id]: at } } };
  if (mode === 'length') return { ...marking, line: { ...marking.line, [id]: at } };
  if (id === WHOLE) return wholeTo(marking, at);
  return { ...marking, picture: { ...picture, marks: { ...picture.marks, [id]: at } } };
}
