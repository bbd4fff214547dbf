import { LOADED_JOINTS, type DrillLoad, type Reach } from './drillLoad';
import { DRILL_LOADS } from './drillLoads';
import type { DrillRow, Family, Position } from './drillRow';
import { isShipped, type DrillId } from './drills';

const ON: Readonly<Record<Position, DrillLoad['on']>> = {
  standing: 'feet',
  kneeling: 'knees',
  sitting: 'seat',
  // Nobody said on which side: on the back, since that is what most speaks against.
  lying: 'back',
};

const TO_THE_END: readonly Family[] = ['hold', 'joint', 'active'];

/**
 * What is known of a coach's own drill: its kind, how the body is placed, what it needs. Where that leaves
 * more than one answer, the one with which more is asked of the body.
 */
function loadOfOwn({ family, position, kit, oneSided }: DrillRow): DrillLoad {
  const reach: Reach = TO_THE_END.includes(family) ? 'end' : 'half';
  const carries = kit.includes('weight') ? 'weight' : position === 'standing' ? 'body' : 'part';
  return {
    joints: Object.fromEntries(LOADED_JOINTS.map((joint) => [joint, reach])),
    carries,
    back: 'leans',
    on: ON[position],
    ...(position === 'kneeling'
      ? { arms: 'flat-hands' }
      : carries === 'weight'
        ? { arms: 'grip' }
        : {}),
    ...(position === 'standing' ? { stance: oneSided ? 'one' : 'two' } : {}),
    ...(kit.includes('post') || kit.includes('wall') ? { hand: true } : {}),
    ...(family === 'tissue' ? { presses: true } : {}),
    ...(family === 'active' ? { ownEnd: true } : {}),
  } as DrillLoad;
}

/** What a drill does to a body: of a ladder its first rung, unless it stands on another. */
export const loadOf = (drill: DrillRow): DrillLoad =>
  drill.load ?? (isShipped(drill.id) ? DRILL_LOADS[drill.id as DrillId] : loadOfOwn(drill));
