import type { ClientFile } from '@taxikine/core/records/clientFile';
import { dropPicture } from './pictureStore';
import { dropRecording } from './recordingStore';

/** Pictures and recordings of a client that lie on this device. */
export async function forgetThings({ pictures, looks }: ClientFile): Promise<void> {
  await Promise.all([
    ...pictures.map(({ id }) => dropPicture(id)),
    ...looks.flatMap(({ recordings }) => recordings.map(({ id }) => dropRecording(id))),
  ]);
}
