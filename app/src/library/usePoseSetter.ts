import { bodyOf } from '@taxikine/core/body/segments/body';
import type { OwnPose } from '@taxikine/core/knowledge/ownDrill';
import { FIGURE_CAMERAS } from '@taxikine/core/body/skeleton/camera';
import { drawFigure, type RingId } from '@taxikine/core/body/skeleton/drawFigure';
import type { Pose } from '@taxikine/core/body/skeleton/pose';
import { poseSkeleton } from '@taxikine/core/body/skeleton/poseSkeleton';
import {
  angleIn,
  angleOfRing,
  PULLED_RINGS,
  pullJoint,
  rootOfRing,
  withAngle,
  type PoseAngle,
} from '@taxikine/core/body/skeleton/pullJoint';
import { maybeSceneryOf } from '@taxikine/core/body/skeleton/scenery';
import { useMemo, useRef, useState, type PointerEvent } from 'react';
import { fitted, inkFor, type Frame } from '../figure/frame';
import { ANYBODY } from './anybody';
import { otherOf } from './ownDrillForm';
import type { PoseSetterProps } from './PoseSetter';

const { heightM, massKg } = ANYBODY;
const BODY = bodyOf(heightM, massKg, {});
const MM = 1000;
/** Room for every pose, so that nothing jumps while a ring is pulled. */
export const FRAME: Frame = {
  left: -0.66 * heightM * MM,
  top: -1.3 * heightM * MM,
  width: 1.32 * heightM * MM,
  height: 1.3 * heightM * MM + 60,
};
const REACH_PX = 34;

/** A pose under way: it needs no name yet. */
const named = (pose: OwnPose): Pose => ({ ...pose, id: 'set', words: '' });

/** The ring nearest to a finger, if one is near enough. */
function ringNear(
  places: readonly { ring: RingId; x: number; y: number }[],
  x: number,
  y: number,
): RingId | null {
  const [nearest] = places
    .map((one) => ({ ring: one.ring, away: Math.hypot(one.x - x, one.y - y) }))
    .sort((a, b) => a.away - b.away);
  return nearest && nearest.away < REACH_PX ? nearest.ring : null;
}

/** The figure in its frame, with the rings where they lie on the screen. */
function useDrawnPose({ pose, view, width }: Pick<PoseSetterProps, 'pose' | 'view' | 'width'>) {
  const height = (width * FRAME.height) / FRAME.width;
  const { scale, at } = fitted(FRAME, width, height);
  const drawn = useMemo(() => {
    const skeleton = poseSkeleton(BODY, named(pose));
    return {
      figure: drawFigure(FIGURE_CAMERAS[view], skeleton),
      leansOn: maybeSceneryOf(named(pose), skeleton),
    };
  }, [pose, view]);
  const places = PULLED_RINGS.map((ring) => ({ ring, ...at(...drawn.figure.rings[ring]) }));
  /** Metres on the picture, from where the floor is under the figure. */
  const metresAt = (x: number, y: number): [number, number] => {
    const origin = at(0, 0);
    return [(x - origin.x) / scale / MM, (y - origin.y) / scale / MM];
  };
  return { ...drawn, height, places, metresAt, ink: inkFor(FRAME, width, height) };
}

/** Which ring is chosen and which is held, and what pulling it makes of the pose. */
export function usePoseSetter({ pose, view, alike, width, onPose }: PoseSetterProps) {
  const box = useRef<HTMLDivElement>(null);
  const [chosen, setChosen] = useState<RingId>('knee-left');
  const [held, setHeld] = useState<RingId | null>(null);
  const drawn = useDrawnPose({ pose, view, width });
  const set = (angle: PoseAngle, deg: number) => {
    const one = withAngle(pose, angle, deg);
    const other = alike ? otherOf(angle) : null;
    onPose(other ? withAngle(one, other, deg) : one);
  };
  const finger = (event: PointerEvent): [number, number] => {
    const { left, top } = box.current!.getBoundingClientRect();
    return [event.clientX - left, event.clientY - top];
  };
  const take = (event: PointerEvent<HTMLDivElement>) => {
    const ring = ringNear(drawn.places, ...finger(event));
    if (!ring) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setChosen(ring);
    setHeld(ring);
  };
  const pull = (event: PointerEvent) => {
    if (!held) return;
    const [x, y] = drawn.metresAt(...finger(event));
    const [rootX, rootY] = rootOfRing(BODY, named(pose), held, view);
    const pulled = pullJoint(BODY, named(pose), held, view, [x - rootX, y - rootY]);
    const angle = angleOfRing(held, view);
    set(angle, angleIn(pulled, angle));
  };
  return { ...drawn, box, chosen, choose: setChosen, set, take, pull, letGo: () => setHeld(null) };
}

export type PoseSetterState = ReturnType<typeof usePoseSetter>;
