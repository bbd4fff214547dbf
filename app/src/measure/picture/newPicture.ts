import type { Phase, View } from '@taxikine/core/body/stance/patterns';
import type { LookRecord, PictureRecord } from '@taxikine/core/records/records';
import type { Opened } from './openPicture';

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
  id: crypto.randomUUID(),
  clientId: look.clientId,
  visitId: look.visitId,
  role: look.role,
  view,
  phase,
  width,
  height,
  marks: {},
  plumb,
  scale: null,
  imageWrites: 0,
  kept: false,
  takenOn: new Date().toISOString(),
  removed: false,
});
