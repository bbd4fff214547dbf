import { STEPS, type Step } from '@taxikine/core/records/visits/visitRecord';
import { View } from '@tamagui/core';
import Svg, { Circle, Path } from 'react-native-svg';
import { Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';

export interface RailProps {
  readonly current: Step;
  /** Steps that hold something already. */
  readonly done: ReadonlySet<Step>;
  readonly onStep: (step: Step) => void;
  /** Down the left edge, or along the top on a wide screen. */
  readonly across: boolean;
}

const GAP = 70;
const WIDE_GAP = 112;

/** Where knot `i` sits on the thread. */
const knotAt = (i: number, across: boolean) =>
  across ? { x: WIDE_GAP * (i + 0.5), y: 18 } : { x: 32, y: 22 + GAP * i };

/** The thread of a visit: one line with a knot a step, worked up to here and loose beyond. */
export function Rail({ current, done, onStep, across }: RailProps) {
  const palette = usePalette();
  const t = useText();
  const at = STEPS.indexOf(current);
  const reach = Math.max(at, ...STEPS.map((step, i) => (done.has(step) ? i : 0)));
  const size = across
    ? { width: WIDE_GAP * STEPS.length, height: 62 }
    : { width: 64, height: GAP * STEPS.length };
  const start = knotAt(0, across);
  const end = knotAt(reach, across);
  const last = knotAt(STEPS.length - 1, across);
  // A loose end curls.
  const curl = across
    ? `C${end.x + 26} ${end.y} ${end.x + 34} ${end.y - 16} ${end.x + 22} ${end.y - 15}`
    : `C${end.x} ${end.y + 20} ${end.x - 20} ${end.y + 22} ${end.x - 20} ${end.y + 8}`;
  return (
    <View render="nav" position="relative" aria-label={t('visit.steps')} {...size}>
      <Svg {...size} style={{ position: 'absolute' }}>
        <Path
          d={`M${end.x} ${end.y}L${last.x} ${last.y}`}
          stroke={palette.rule}
          strokeWidth={3}
          strokeDasharray="2 7"
          strokeLinecap="round"
        />
        <Path
          d={`M${start.x} ${start.y}L${end.x} ${end.y}${reach < STEPS.length - 1 ? curl : ''}`}
          stroke={palette.accent}
          strokeWidth={5}
          fill="none"
          strokeLinecap="round"
        />
        {STEPS.map((step, i) => {
          const { x, y } = knotAt(i, across);
          const worked = done.has(step) || i === at;
          return (
            <Circle
              key={step}
              cx={x}
              cy={y}
              r={i === at ? 12 : 8}
              fill={worked ? palette.accent : palette.paper}
              stroke={worked ? palette.accent : palette.rule}
              strokeWidth={3}
            />
          );
        })}
      </Svg>
      <View position="relative" flexDirection={across ? 'row' : 'column'}>
        {STEPS.map((step, i) => (
          <button
            key={step}
            type="button"
            aria-current={i === at ? 'step' : undefined}
            onClick={() => onStep(step)}
            style={{
              width: across ? WIDE_GAP : 64,
              height: across ? 62 : GAP,
              padding: across ? '34px 0 0' : '38px 0 0',
              background: 'transparent',
              border: 'none',
              cursor: 'pointer',
            }}
          >
            <Words
              tiny={!across}
              small={across}
              bold={i === at}
              soft={i !== at}
              textAlign="center"
              backgroundColor="$paper"
            >
              {t(`steps.${step}`)}
            </Words>
          </button>
        ))}
      </View>
    </View>
  );
}
