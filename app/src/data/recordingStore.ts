import { dropOwn, keepOwn, maybeOwn } from './ownThings';

const keyOf = (recordingId: string): string => `recording/${recordingId}`;

/** The points of a kept recording, as they were read: on this device, and nowhere else. */
export const storeRecording = (recordingId: string, file: Blob): Promise<void> =>
  keepOwn(keyOf(recordingId), file);

export const maybeStoredRecording = (recordingId: string): Promise<Blob | undefined> =>
  maybeOwn(keyOf(recordingId));

export const dropRecording = (recordingId: string): Promise<void> => dropOwn(keyOf(recordingId));
