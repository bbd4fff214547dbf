import { dropOwn, keepOwn, maybeOwn } from './ownThings';

const keyOf = (pictureId: string): string => `picture/${pictureId}`;

/** The picture as it lies on this device, and nowhere else until the coach keeps it. */
export const storePicture = (pictureId: string, jpeg: Blob): Promise<void> =>
  keepOwn(keyOf(pictureId), jpeg);

export const maybeStoredPicture = (pictureId: string): Promise<Blob | undefined> =>
  maybeOwn(keyOf(pictureId));

export const dropPicture = (pictureId: string): Promise<void> => dropOwn(keyOf(pictureId));
