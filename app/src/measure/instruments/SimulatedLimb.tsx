import { View } from '@tamagui/core';
import { useRef, useState } from 'react';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { Button } from '../../ui/Button';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import type { LimbHand } from './simulatedSource';

const SIZE = { width: 320, height: 230 } as const;
const JOINT = { x: 92, y: 170 } as const;
const LENGTH = 170;
const KEY_STEP_DEG = 1;
/** As badly as an instrument is laid on by somebody in a hurry. */
const ROLLED_DEG = 18;

export interface SimulatedLimbProps {
  readonly hand: LimbHand;
  /** Furthest this limb goes, in degrees from level. */
  readonly least: number;
  readonly most: number;
}

/** Degrees above level at which a pointer lies from the joint. */
const degAt = (x: number, y: number): number =>
  (Math.atan2(JOINT.y - y, x - JOINT.x) * 180) / Math.PI;

/** A limb to pull about, with an inclinometer strapped to it: what a desk has in place of a client. */
export function SimulatedLimb({ hand, least, most }: SimulatedLimbProps) {
  const t = useText();
  const palette = usePalette();
  const [{ deg, rollDeg }, setShown] = useState(hand.at);
  const box = useRef<HTMLDivElement>(null);
  const move = (next: number) => {
    const within = Math.min(most, Math.max(least, next));
    // The source reads the hand, as a sensor reads the limb it lies on.
    hand.put({ deg: within });
    setShown(hand.at());
  };
  const pull = (event: React.PointerEvent) => {
    if (event.buttons === 0) return;
    const { left, top } = box.current!.getBoundingClientRect();
    move(degAt(event.clientX - left, event.clientY - top));
  };
  const onKey = ({ key }: React.KeyboardEvent) => {
    if (key === 'ArrowUp' || key === 'ArrowRight') move(deg + KEY_STEP_DEG);
    if (key === 'ArrowDown' || key === 'ArrowLeft') move(deg - KEY_STEP_DEG);
  };
  return (
    <View alignItems="center">
      <div
        ref={box}
        role="slider"
        tabIndex={0}
        aria-label={t('instrument.limb')}
        aria-valuemin={Math.round(least)}
        aria-valuemax={Math.round(most)}
        aria-valuenow={Math.round(deg)}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          pull(event);
        }}
        onPointerMove={pull}
        onKeyDown={onKey}
        style={{ ...SIZE, touchAction: 'none', cursor: 'grab' }}
      >
        <Svg {...SIZE}>
          <Line
            x1={10}
            x2={310}
            y1={JOINT.y}
            y2={JOINT.y}
            stroke={palette.rule}
            strokeDasharray="4 5"
          />
          <Path
            d={`M18 ${JOINT.y - 22}Q60 ${JOINT.y - 30} ${JOINT.x} ${JOINT.y - 20}V${JOINT.y + 20}Q60 ${JOINT.y + 30} 18 ${JOINT.y + 22}Z`}
            fill={palette.skin}
            stroke={palette.ink}
            strokeWidth={2}
          />
          <G rotation={-deg} origin={`${JOINT.x}, ${JOINT.y}`}>
            <Path
              d={`M${JOINT.x} ${JOINT.y - 20}Q${JOINT.x + 70} ${JOINT.y - 26} ${JOINT.x + LENGTH} ${JOINT.y - 12}Q${JOINT.x + LENGTH + 14} ${JOINT.y} ${JOINT.x + LENGTH} ${JOINT.y + 12}Q${JOINT.x + 70} ${JOINT.y + 24} ${JOINT.x} ${JOINT.y + 20}Z`}
              fill={palette.skin}
              stroke={palette.ink}
              strokeWidth={2}
            />
            <Rect
              x={JOINT.x + 66}
              y={JOINT.y - 36}
              width={62}
              height={12}
              rx={3}
              fill={palette.raised}
              stroke={palette.accent}
              strokeWidth={2}
              rotation={rollDeg}
              origin={`${JOINT.x + 97}, ${JOINT.y - 30}`}
            />
          </G>
          <Circle
            cx={JOINT.x}
            cy={JOINT.y}
            r={7}
            fill={palette.raised}
            stroke={palette.ink}
            strokeWidth={2}
          />
        </Svg>
      </div>
      <Button
        kind="quiet"
        tight
        small
        label={t('instrument.rollIt')}
        chosen={rollDeg !== 0}
        onPress={() => {
          hand.put({ rollDeg: rollDeg === 0 ? ROLLED_DEG : 0 });
          setShown(hand.at());
        }}
      />
    </View>
  );
}
