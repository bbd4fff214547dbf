import { PHASES, type Phase } from '@taxikine/core/body/stance/patterns';
import { View } from '@tamagui/core';
import Svg, { Circle, Path } from 'react-native-svg';
import { Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText } from '../words/useText';

/** Depth of the hips at each phase, 0 at the top and 1 at the bottom. */
const DEPTH: Record<Phase, number> = { start: 0.06, down: 0.52, bottom: 1, up: 0.5, finish: 0.06 };

export interface DepthCurveProps {
  readonly width: number;
  readonly phase: Phase;
  /** Phases in which something was seen. */
  readonly seen: ReadonlySet<Phase>;
  readonly onPhase: (phase: Phase) => void;
}

const HEIGHT = 62;

/** The repetition as the path of the hips: tap where on it you saw the fault. */
export function DepthCurve({ width, phase, seen, onPhase }: DepthCurveProps) {
  const palette = usePalette();
  const t = useText();
  const step = width / PHASES.length;
  const points = PHASES.map((name, i) => ({
    name,
    x: step * (i + 0.5),
    y: 12 + DEPTH[name] * (HEIGHT - 24),
  }));
  const path = points
    .map(({ x, y }, i) =>
      i === 0 ? `M${x} ${y}` : `C${x - step / 2} ${points[i - 1].y} ${x - step / 2} ${y} ${x} ${y}`,
    )
    .join('');
  return (
    <View
      position="relative"
      role="group"
      aria-label={t('look.phaseCurve')}
      width={width}
      height={HEIGHT + 24}
    >
      <Svg width={width} height={HEIGHT}>
        <Path d={path} fill="none" stroke={palette.rule} strokeWidth={9} strokeLinecap="round" />
        <Path d={path} fill="none" stroke={palette.ink} strokeWidth={2} />
        {points.map(({ name, x, y }) => (
          <Circle
            key={name}
            cx={x}
            cy={y}
            r={name === phase ? 11 : 7}
            fill={name === phase ? palette.ink : seen.has(name) ? palette.accent : palette.paper}
            stroke={palette.ink}
            strokeWidth={2}
          />
        ))}
      </Svg>
      <View position="absolute" top={0} left={0} flexDirection="row">
        {points.map(({ name }) => (
          <button
            key={name}
            type="button"
            aria-label={t(`phases.${name}`)}
            aria-pressed={name === phase}
            onClick={() => onPhase(name)}
            style={{
              width: step,
              height: HEIGHT + 24,
              background: 'transparent',
              border: 'none',
              cursor: 'pointer',
              padding: 0,
              display: 'flex',
              alignItems: 'flex-end',
              justifyContent: 'center',
            }}
          >
            <Words small soft={name !== phase} bold={name === phase}>
              {t(`phases.${name}`)}
            </Words>
          </button>
        ))}
      </View>
    </View>
  );
}
