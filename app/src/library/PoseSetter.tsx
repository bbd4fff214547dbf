import type { OwnPose } from '@taxikine/core/knowledge/ownDrill';
import { FIGURE_CAMERAS, type FigureView } from '@taxikine/core/body/skeleton/camera';
import type { RingId } from '@taxikine/core/body/skeleton/drawFigure';
import { angleIn, limitsOfAngle, PULLED_RINGS } from '@taxikine/core/body/skeleton/pullJoint';
import { facePath } from '@taxikine/core/body/skeleton/scenery';
import { View } from '@tamagui/core';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { FigureDrawing } from '../figure/FigureDrawing';
import { Button } from '../ui/Button';
import { Slider } from '../ui/Slider';
import { Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText, type TextOf } from '../words/useText';
import { anglesOfRing } from './ownDrillForm';
import { FRAME, usePoseSetter, type PoseSetterState } from './usePoseSetter';

export interface PoseSetterProps {
  readonly pose: OwnPose;
  readonly view: FigureView;
  /** What is done to one side is done to the other. */
  readonly alike: boolean;
  readonly width: number;
  readonly onPose: (pose: OwnPose) => void;
}

const ringWords = (ring: RingId, t: TextOf): string => {
  const [joint, side] = ring.split('-');
  return t(`drills.rings.${joint}`, { side: side ? t(side) : '' });
};

/** A figure whose rings are pulled to where they belong, and the angles of the chosen one to the degree. */
export function PoseSetter(props: PoseSetterProps) {
  const state = usePoseSetter(props);
  return (
    <View gap="$3">
      <PulledFigure view={props.view} width={props.width} state={state} />
      <RingChoice state={state} />
      <RingAngles pose={props.pose} state={state} />
    </View>
  );
}

interface Part {
  readonly state: PoseSetterState;
}

function PulledFigure({ view, width, state }: Part & Pick<PoseSetterProps, 'view' | 'width'>) {
  const t = useText();
  const palette = usePalette();
  const { box, height, figure, leansOn, ink, chosen, take, pull, letGo } = state;
  return (
    <div
      ref={box}
      role="group"
      aria-label={t('drills.figure')}
      onPointerDown={take}
      onPointerMove={pull}
      onPointerUp={letGo}
      onPointerCancel={letGo}
      style={{ ...HELD, width, height }}
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
  );
}

const HELD = {
  position: 'relative',
  touchAction: 'none',
  userSelect: 'none',
  alignSelf: 'center',
} as const;

/** The same rings as buttons, for whoever does not pull. */
function RingChoice({ state: { chosen, choose } }: Part) {
  const t = useText();
  return (
    <View flexDirection="row" flexWrap="wrap" gap="$2" role="group" aria-label={t('drills.parts')}>
      {PULLED_RINGS.map((ring) => (
        <Button
          key={ring}
          tight
          small
          chosen={ring === chosen}
          label={ringWords(ring, t)}
          says={t('drills.pull', { ring: ringWords(ring, t) })}
          onPress={() => choose(ring)}
        />
      ))}
    </View>
  );
}

function RingAngles({ pose, state: { chosen, set } }: Part & Pick<PoseSetterProps, 'pose'>) {
  const t = useText();
  return (
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
  );
}
