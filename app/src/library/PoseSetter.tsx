import { bodyOf } from '@taxikine/core/body/segments/body';
import type { OwnPose } from '@taxikine/core/knowledge/ownDrill';
import { FIGURE_CAMERAS, type FigureView } from '@taxikine/core/body/skeleton/camera';
import { drawFigure, type RingId } from '@taxikine/core/body/skeleton/drawFigure';
import type { Pose } from '@taxikine/core/body/skeleton/pose';
import { poseSkeleton } from '@taxikine/core/body/skeleton/poseSkeleton';
import {
  angleIn,
  angleOfRing,
  limitsOfAngle,
  PULLED_RINGS,
  pullJoint,
  rootOfRing,
  withAngle,
  type PoseAngle,
} from '@taxikine/core/body/skeleton/pullJoint';
import { facePath, maybeSceneryOf } from '@taxikine/core/body/skeleton/scenery';
import { View } from '@tamagui/core';
import { useMemo, useRef, useState, type PointerEvent } from 'react';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { FigureDrawing } from '../figure/FigureDrawing';
import { fitted, inkFor, type Frame } from '../figure/frame';
import { Button } from '../ui/Button';
import { Slider } from '../ui/Slider';
import { Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText, type TextOf } from '../words/useText';
import { ANYBODY } from './anybody';
import { anglesOfRing, otherOf } from './ownDrillForm';

export interface PoseSetterProps {
  readonly pose: OwnPose;
  readonly view: FigureView;
  /** What is done to one side is done to the other. */
  readonly alike: boolean;
  readonly width: number;
  readonly onPose: (pose: OwnPose) => void;
}

const { heightM, massKg } = ANYBODY;
const BODY = bodyOf(heightM, massKg, {});
const MM = 1000;
/** Room for every pose, so that nothing jumps while a ring is pulled. */
const FRAME: Frame = {
  left: -0.66 * heightM * MM,
  top: -1.3 * heightM * MM,
  width: 1.32 * heightM * MM,
  height: 1.3 * heightM * MM + 60,
};
const REACH_PX = 34;

/** A pose under way: it needs no name yet. */
const named = (pose: OwnPose): Pose => ({ ...pose, id: 'set', words: '' });

const ringWords = (ring: RingId, t: TextOf): string => {
  const [joint, side] = ring.split('-');
  return t(`drills.rings.${joint}`, { side: side ? t(side) : '' });
};

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

/** A figure whose rings are pulled to where they belong, and the angles of the chosen one to the degree. */
export function PoseSetter({ pose, view, alike, width, onPose }: PoseSetterProps) {
  const t = useText();
  const palette = usePalette();
  const box = useRef<HTMLDivElement>(null);
  const [chosen, setChosen] = useState<RingId>('knee-left');
  const [held, setHeld] = useState<RingId | null>(null);
  const height = (width * FRAME.height) / FRAME.width;
  const { scale, at } = fitted(FRAME, width, height);
  const { figure, leansOn } = useMemo(() => {
    const skeleton = poseSkeleton(BODY, named(pose));
    return {
      figure: drawFigure(FIGURE_CAMERAS[view], skeleton),
      leansOn: maybeSceneryOf(named(pose), skeleton),
    };
  }, [pose, view]);
  const places = PULLED_RINGS.map((ring) => ({ ring, ...at(...figure.rings[ring]) }));
  const ink = inkFor(FRAME, width, height);
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
    const ring = ringNear(places, ...finger(event));
    if (!ring) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setChosen(ring);
    setHeld(ring);
  };
  const pull = (event: PointerEvent) => {
    if (!held) return;
    const [x, y] = finger(event);
    const origin = at(0, 0);
    const [rootX, rootY] = rootOfRing(BODY, named(pose), held, view);
    const toward = [
      (x - origin.x) / scale / MM - rootX,
      (y - origin.y) / scale / MM - rootY,
    ] as const;
    const pulled = pullJoint(BODY, named(pose), held, view, toward);
    const angle = angleOfRing(held, view);
    set(angle, angleIn(pulled, angle));
  };
  return (
    <View gap="$3">
      <div
        ref={box}
        role="group"
        aria-label={t('drills.figure')}
        onPointerDown={take}
        onPointerMove={pull}
        onPointerUp={() => setHeld(null)}
        onPointerCancel={() => setHeld(null)}
        style={{
          position: 'relative',
          width,
          height,
          touchAction: 'none',
          userSelect: 'none',
          alignSelf: 'center',
        }}
      >
        <Svg
          width={width}
          height={height}
          viewBox={`${FRAME.left} ${FRAME.top} ${FRAME.width} ${FRAME.height}`}
        >
          <Line
            x1={FRAME.left}
            x2={FRAME.left + FRAME.width}
            y1={5}
            y2={5}
            stroke={palette.rule}
            strokeWidth={ink}
          />
          {leansOn ? (
            <Path
              d={facePath(FIGURE_CAMERAS[view], leansOn)}
              fill="none"
              stroke={palette.slate}
              strokeWidth={ink * 1.2}
              strokeLinejoin="round"
            />
          ) : null}
          <FigureDrawing figure={figure} palette={palette} ink={ink} />
          {PULLED_RINGS.map((ring) => (
            <Circle
              key={ring}
              cx={figure.rings[ring][0]}
              cy={figure.rings[ring][1]}
              r={ink * (ring === chosen ? 3.4 : 2)}
              fill={ring === chosen ? palette.accent : palette.raised}
              fillOpacity={ring === chosen ? 0.3 : 0.9}
              stroke={palette.accent}
              strokeWidth={ink * 0.8}
            />
          ))}
        </Svg>
      </div>
      <View
        flexDirection="row"
        flexWrap="wrap"
        gap="$2"
        role="group"
        aria-label={t('drills.parts')}
      >
        {PULLED_RINGS.map((ring) => (
          <Button
            key={ring}
            tight
            small
            chosen={ring === chosen}
            label={ringWords(ring, t)}
            says={t('drills.pull', { ring: ringWords(ring, t) })}
            onPress={() => setChosen(ring)}
          />
        ))}
      </View>
      <View gap="$2" role="group" aria-label={ringWords(chosen, t)}>
        <Words bold>{ringWords(chosen, t)}</Words>
        {anglesOfRing(chosen).map((angle) => {
          const [least, most] = limitsOfAngle(angle);
          return (
            <Slider
              key={`${chosen} ${angle.angle}`}
              label={t(`drills.angles.${angle.angle}`)}
              value={angleIn(pose, angle)}
              least={least}
              most={most}
              step={1}
              unit="°"
              onChange={(deg) => set(angle, deg)}
            />
          );
        })}
      </View>
    </View>
  );
}
