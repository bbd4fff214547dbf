import type { PictureRecord } from './pictureRecord';

/** What a picture holds before a joint is marked on it. */
export const NOTHING_MARKED = {
  marks: {},
  plumb: null,
  scale: null,
  imageWrites: 0,
  kept: false,
  removed: false,
} satisfies Partial<PictureRecord>;
