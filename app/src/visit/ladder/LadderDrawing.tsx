import type { Ladder } from '@taxikine/core/knowledge/ladders/ladder';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import { View } from '@tamagui/core';
import Svg, { Circle, G, Line, Text as SvgText } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { useText, type TextOf } from '../../words/useText';

/** Where a side is drawn on a ladder. */
interface OnRung {
  readonly side: MaybeSide;
  readonly place: number;
}

export interface LadderDrawingProps {
  readonly ladder: Ladder;
  readonly on: readonly OnRung[];
  readonly width?: number;
}

/** Height of a rung, and how the rails lean in toward the top, in pixels. */
const STEP = 18;
const PAD = 12;
const LEAN = 10;

const standsWords = ({ side, place }: OnRung, ladder: Ladder, t: TextOf): string =>
  t('ladder.standsOn', {
    side: side ? t(side) : t('ladder.body'),
    place: place + 1,
    of: ladder.rungs.length,
  });

/** The ladder as one would draw it: rails that lean, a rung a step, and a ring where each side stands. */
export function LadderDrawing({ ladder, on, width = 120 }: LadderDrawingProps) {
  const t = useText();
  const palette = usePalette();
  const { rungs, name } = ladder;
  const height = (rungs.length - 1) * STEP + 2 * PAD;
  const yOf = (place: number) => height - PAD - place * STEP;
  const inAt = (place: number) => 26 + (LEAN * place) / rungs.length;
  const words = on.map((one) => standsWords(one, ladder, t)).join(', ');
  return (
    <View
      role="img"
      aria-label={t('ladder.drawing', { name, stands: words })}
      width={width}
      height={height}
    >
      <Svg width={width} height={height}>
        {[0, 1].map((rail) => (
          <Line
            key={rail}
            x1={rail ? width - inAt(-0.5) : inAt(-0.5)}
            y1={height - 2}
            x2={rail ? width - inAt(rungs.length - 0.5) : inAt(rungs.length - 0.5)}
            y2={2}
            stroke={palette.ink}
            strokeWidth={2.2}
            strokeLinecap="round"
          />
        ))}
        {rungs.map((rung, place) => (
          <Line
            key={rung.id}
            x1={inAt(place) - 3}
            x2={width - inAt(place) + 3}
            y1={yOf(place)}
            y2={yOf(place)}
            stroke={rung.weight ? palette.ink : palette.soft}
            strokeWidth={rung.weight && rung.weight.as !== 'counterweight' ? 3.4 : 1.6}
            strokeDasharray={rung.weight?.as === 'counterweight' ? '4 3' : undefined}
          />
        ))}
        {on.map(({ side, place }) => (
          <Mark
            key={side ?? 'body'}
            x={
              side === null
                ? width / 2
                : side === 'left'
                  ? inAt(place) + 14
                  : width - inAt(place) - 14
            }
            y={yOf(place)}
            letter={side ? t(side).charAt(0).toUpperCase() : ''}
          />
        ))}
      </Svg>
    </View>
  );
}

function Mark({ x, y, letter }: { x: number; y: number; letter: string }) {
  const palette = usePalette();
  return (
    <G>
      <Circle cx={x} cy={y} r={9} fill={palette.paper} stroke={palette.accent} strokeWidth={2.4} />
      {letter ? (
        <SvgText
          x={x}
          y={y + 4}
          fontSize={11}
          fontWeight="700"
          fontFamily="Atkinson Hyperlegible Next Variable"
          textAnchor="middle"
          fill={palette.ink}
        >
          {letter}
        </SvgText>
      ) : null}
    </G>
  );
}
