import type { Phase, View } from '@taxikine/core/body/stance/patterns';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';
import type { Opened } from './openPicture';
import { NOTHING_MARKED } from '@taxikine/core/records/pictures/nothingMarked';

type OpenedPicture = Extract<Opened, { status: 'opened' }>;

/** What the coach says of a picture before it is marked. */
export interface PictureAsked {
  readonly view: View;
  readonly phase: Phase;
}

/** The record of a picture just opened: nothing is marked on it yet. */
export const newPicture = (
  look: LookRecord,
  { view, phase }: PictureAsked,
  { width, height, plumb = null }: Pick<OpenedPicture, 'width' | 'height' | 'plumb'>,
): PictureRecord => ({
  ...NOTHING_MARKED,
  id: crypto.randomUUID(),
  clientId: look.clientId,
  visitId: look.visitId,
  role: look.role,
  view,
  phase,
  width,
  height,
  plumb,
  takenOn: new Date().toISOString(),
});
