import type { View } from '../../body/stance/patterns';
import type { Side } from '../../foundation/sides/side';

/** A joint on a picture taken from the side: of the leg that is nearer. */
export const SIDE_MARKS = ['shoulder', 'hip', 'knee', 'ankle', 'heel', 'toe'] as const;
type SideMark = (typeof SIDE_MARKS)[number];

const PAIRED = ['shoulder', 'hip', 'knee', 'ankle'] as const;
/** Joints on a picture from ahead or behind, by the client's own side. */
export type FrontalMark = `${(typeof PAIRED)[number]}-${Side}`;
export const FRONTAL_MARKS: readonly FrontalMark[] = PAIRED.flatMap((joint) => [
  `${joint}-left` as const,
  `${joint}-right` as const,
]);

export type MarkId = SideMark | FrontalMark;

/** A place on the picture, in its pixels: right and down. */
export type PicturePoint = readonly [x: number, y: number];
export type Marks = Readonly<Partial<Record<MarkId, PicturePoint>>>;

/** The marks that a view asks for. */
export const marksOf = (view: View): readonly MarkId[] =>
  view === 'side' ? SIDE_MARKS : FRONTAL_MARKS;

/** A line drawn on a picture: along a plumb line, or over a length that is known. */
export interface PictureLine {
  readonly from: PicturePoint;
  readonly to: PicturePoint;
}

/** What makes angles upright and pixels metres. */
export interface PictureFrame {
  /** Along something that hangs; null: the picture itself is upright. */
  readonly plumb: PictureLine | null;
  /** Over something whose length is known. */
  readonly scale: (PictureLine & { readonly cm: number }) | null;
}
