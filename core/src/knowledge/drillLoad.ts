/** How far a joint is taken: barely, about half-way, or to where it stops. */
export type Reach = 'slight' | 'half' | 'end';

/** Joints that a drill takes somewhere. */
export const LOADED_JOINTS = [
  'toes',
  'foot',
  'ankle',
  'knee',
  'hip',
  'neck',
  'shoulder',
  'elbow',
  'wrist',
] as const;
export type LoadedJoint = (typeof LOADED_JOINTS)[number];

/** What a drill does to a body: what a pain or a flag is held against. */
export interface DrillLoad {
  readonly joints: Readonly<Partial<Record<LoadedJoint, Reach>>>;
  /** Where the other leg is taken meanwhile, unless it does the same or nothing: left out on the feet. */
  readonly otherLeg?: Readonly<Partial<Record<LoadedJoint, Reach>>>;
  /** What the worked leg carries: nothing, a part of the body, all of it, or a weight on top. */
  readonly carries: 'nothing' | 'part' | 'body' | 'weight';
  /** What is carried is more than a light weight. */
  readonly heavy?: true;
  /** What the back is taken to under it; `leans`: held flat while the trunk is tipped forward. */
  readonly back: 'still' | 'leans' | 'turns' | 'rounds';
  /** What is on the floor; kneeling presses the kneecap. */
  readonly on: 'feet' | 'seat' | 'knees' | 'back' | 'side' | 'front';
  /** Of a drill on the feet: how they stand. */
  readonly stance?: 'two' | 'staggered' | 'one';
  /** A hand is on a support. */
  readonly hand?: true;
  /** What else the arms bear: weight on flat hands, on a forearm, or something held or pressed. */
  readonly arms?: 'flat-hands' | 'forearm' | 'grip';
  /** The shin is turned under a bent knee. */
  readonly turnsKnee?: true;
  /** Hands or a tool press on the tissue. */
  readonly presses?: true;
  /** As far as it goes by own strength. */
  readonly ownEnd?: true;
  /** The line of nerves that it lengthens, slid or held. */
  readonly line?: 'back-of-leg' | 'front-of-leg';
}
