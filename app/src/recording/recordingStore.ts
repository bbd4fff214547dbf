import { get, set } from 'idb-keyval';

const keyOf = (recordingId: string): string => `taxikine/recording/${recordingId}`;

/** The points of a kept recording, as they were read: on this device, and nowhere else. */
export const storeRecording = (recordingId: string, file: Blob): Promise<void> =>
  set(keyOf(recordingId), file);

export const maybeStoredRecording = (recordingId: string): Promise<Blob | undefined> =>
  get(keyOf(recordingId));
