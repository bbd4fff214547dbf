import type { Board, Knot, Strand } from '@taxikine/core';
import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import Svg, { Circle, Path } from 'react-native-svg';
import { Numeral, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText } from '../words/useText';
import { kindColour, kindDash } from './KindMark';
import { strandWidth } from './strandPath';

export interface ThreadListProps {
  readonly board: Board;
  readonly markOf: (knot: Knot) => ReactNode;
  readonly figureOf: (knot: Knot) => string | null;
}

/** The surest way on from a knot, or null where the thread ends. */
const onward = (strands: readonly Strand[], key: string): Strand | null =>
  strands.filter((strand) => strand.from === key).sort((a, b) => b.sure - a.sure)[0] ?? null;

/** The surest thread from one fault to its verdict. */
function threadOf(board: Board, start: Knot): { knot: Knot; via: Strand | null }[] {
  const line: { knot: Knot; via: Strand | null }[] = [{ knot: start, via: null }];
  for (;;) {
    const at = line[line.length - 1].knot;
    const verdict =
      at.column === 'work'
        ? board.strands.find(
            (strand) => strand.from === at.key && strand.to === `verdict:${start.key}`,
          )
        : undefined;
    const via = verdict ?? onward(board.strands, at.key);
    const knot = via && board.knots.find((one) => one.key === via.to);
    if (!via || !knot) return line;
    line.push({ knot, via });
  }
}

const ROW = 74;

/** On the phone: one thread a fault, down the left edge, each step hanging on it. */
export function ThreadList({ board, markOf, figureOf }: ThreadListProps) {
  const palette = usePalette();
  const t = useText();
  return (
    <View gap="$5">
      {board.knots
        .filter((knot) => knot.column === 'look')
        .map((start) => {
          const line = threadOf(board, start);
          const end = line[line.length - 1].knot;
          return (
            <View
              key={start.key}
              minHeight={ROW * line.length}
              role="list"
              aria-label={start.title}
            >
              <Svg
                width={34}
                height={ROW * line.length}
                style={{ position: 'absolute', left: 0 }}
                aria-hidden
              >
                {line.slice(1).map(({ via }, i) => (
                  <Path
                    key={i}
                    d={`M14 ${16 + ROW * i}L14 ${16 + ROW * (i + 1)}`}
                    stroke={kindColour(via!.kind, palette)}
                    strokeWidth={strandWidth(via!.sure)}
                    strokeDasharray={kindDash(via!.kind)}
                  />
                ))}
                {end.column !== 'again' ? (
                  <Path
                    d={`M14 ${16 + ROW * (line.length - 1)}c0 26 16 30 15 16`}
                    fill="none"
                    stroke={palette.accent}
                    strokeWidth={3}
                    strokeLinecap="round"
                  />
                ) : null}
                {line.map(({ knot }, i) => (
                  <Circle
                    key={knot.key}
                    cx={14}
                    cy={16 + ROW * i}
                    r={7}
                    fill={i === 0 ? palette.accent : palette.paper}
                    stroke={palette.ink}
                    strokeWidth={2.5}
                  />
                ))}
              </Svg>
              {line.map(({ knot }) => (
                <View
                  key={knot.key}
                  role="listitem"
                  marginLeft={40}
                  minHeight={ROW}
                  flexDirection="row"
                  gap="$2"
                  alignItems="flex-start"
                  paddingTop={3}
                >
                  {markOf(knot)}
                  <View flex={1}>
                    <Words bold>{knot.title}</Words>
                    <Words small soft>
                      {knot.note}
                    </Words>
                    {knot === end && end.column !== 'again' ? (
                      <Words small accent>
                        {t(
                          end.column === 'look'
                            ? 'verdict.untraced'
                            : end.column === 'trace'
                              ? 'verdict.undone'
                              : 'verdict.loose',
                        )}
                      </Words>
                    ) : null}
                  </View>
                  {figureOf(knot) ? <Numeral>{figureOf(knot)}</Numeral> : null}
                </View>
              ))}
            </View>
          );
        })}
    </View>
  );
}
