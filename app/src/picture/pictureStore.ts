import { del, get, set } from 'idb-keyval';

const keyOf = (pictureId: string): string => `taxikine/picture/${pictureId}`;

/** The picture as it lies on this device, and nowhere else until the coach keeps it. */
export const storePicture = (pictureId: string, jpeg: Blob): Promise<void> =>
  set(keyOf(pictureId), jpeg);

export const maybeStoredPicture = (pictureId: string): Promise<Blob | undefined> =>
  get(keyOf(pictureId));

export const dropPicture = (pictureId: string): Promise<void> => del(keyOf(pictureId));
