import { isStaggered } from '../../body/stance/patterns';
import { otherSide, type Side } from '../../foundation/sides/side';
import type { Joint } from '../../records/recordings/joints';
import type { RecordingHead } from '../../records/recordings/recording';
import type { Uniform } from './uniform';

/** The leg in the air of a pattern on one leg; null where both stand. */
export function hangingLegOf({ pattern, setup }: RecordingHead): Side | null {
  const isOnOneLeg = setup?.oneLeg !== undefined && !(pattern && isStaggered(pattern));
  return isOnOneLeg ? otherSide(setup.oneLeg!) : null;
}

const BELOW_HIP: readonly string[] = ['knee', 'ankle', 'heel', 'big_toe'];

/** A recording without the points of the leg in the air: they say nothing of floor, depth or stance. */
export function onTheFloor(even: Uniform, hanging: Side | null): Uniform {
  if (!hanging) return even;
  const gone = new Set<Joint>(BELOW_HIP.map((part) => `${hanging}_${part}` as Joint));
  return { ...even, paths: new Map([...even.paths].filter(([joint]) => !gone.has(joint))) };
}
