import type { Setup } from '../knowledge/setup';
import type { Vec3 } from '../numeric/vector';
import type { Side } from '../sides/side';

/** What decides where every joint is. Metres and radians; positive lean is forward, to the left. */
export interface Posture {
  readonly pelvis: Vec3;
  /** Turn of the pelvis and trunk about the vertical; positive puts the left side back. */
  readonly turnRad: number;
  readonly trunkLeanRad: number;
  readonly sideLeanRad: number;
  readonly arms: Setup['arms'];
  readonly legs: Readonly<
    Record<Side, { readonly ankle: Vec3; readonly knee: Vec3; readonly toeOutRad: number }>
  >;
}
