import type { PictureFrame, Marks } from './marks';
import type { LookRole } from '../looks/lookRecord';
import type { View, Phase } from '../../body/stance/patterns';
import type { Instant } from '../../foundation/time/instant';

/** Marks on a still picture. The picture stays on the device unless it is kept: see `ImageRecord`. */
export interface PictureRecord extends PictureFrame {
  id: string;
  clientId: string;
  visitId: string;
  role: LookRole;
  view: View;
  phase: Phase;
  /** Pixels of the picture that was marked. */
  width: number;
  height: number;
  marks: Marks;
  /** How often its image was written: the version the next write of it begins from. */
  imageWrites: number;
  kept: boolean;
  takenOn: Instant;
  removed: boolean;
}
