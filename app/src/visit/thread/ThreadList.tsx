import type { Board, Knot, Strand } from '@taxikine/core/reading/visit/threads';
import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import Svg, { Circle, Path } from 'react-native-svg';
import { Numeral, Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { kindColour, kindDash } from './KindMark';
import { strandWidth } from './strandPath';
import { ours } from '../../words/units';

export interface ThreadListProps {
  readonly board: Board;
  readonly markOf: (knot: Knot) => ReactNode;
  readonly figureOf: (knot: Knot) => string | null;
}

/** The surest way on from a knot, of equals one that goes on itself; null where the thread ends. */
function onward(strands: readonly Strand[], key: string): Strand | null {
  const goesOn = ({ to }: Strand) => Number(strands.some(({ from }) => from === to));
  const ways = strands.filter((strand) => strand.from === key);
  return ways.sort((a, b) => b.sure - a.sure || goesOn(b) - goesOn(a))[0] ?? null;
}

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

/** What is said where a thread ends before its verdict. */
const LOOSE = { look: 'verdict.untraced', trace: 'verdict.undone', work: 'verdict.loose' } as const;

/** On the phone: one thread a fault, down the left edge, each step hanging on it. */
export function ThreadList({ board, markOf, figureOf }: ThreadListProps) {
  return (
    <View gap="$5">
      {board.knots
        .filter((knot) => knot.column === 'look')
        .map((start) => {
          const line = threadOf(board, start);
          return (
            <View key={start.key} role="list" aria-label={start.title}>
              {line.map(({ knot }, i) => (
                <ThreadStep
                  key={knot.key}
                  knot={knot}
                  first={i === 0}
                  next={line[i + 1]?.via ?? null}
                  mark={markOf(knot)}
                  figure={figureOf(knot)}
                />
              ))}
            </View>
          );
        })}
    </View>
  );
}

interface ThreadStepProps {
  readonly knot: Knot;
  readonly first: boolean;
  /** The strand that leads on from here; null at the end. */
  readonly next: Strand | null;
  readonly mark: ReactNode;
  readonly figure: string | null;
}

/** One knot with the piece of thread below it, as long as its words need. */
function ThreadStep({ knot, first, next, mark, figure }: ThreadStepProps) {
  const palette = usePalette();
  const t = useText();
  const loose = !next && knot.column !== 'again' ? LOOSE[knot.column] : null;
  const width = next ? strandWidth(next.sure) : 0;
  return (
    <View
      role="listitem"
      position="relative"
      flexDirection="row"
      gap="$2"
      paddingLeft={40}
      paddingBottom="$4"
      minHeight={56}
    >
      {next ? (
        <View
          position="absolute"
          left={14 - width / 2}
          top={14}
          bottom={-14}
          borderLeftWidth={width}
          borderColor={kindColour(next.kind, palette) as never}
          borderStyle={kindDash(next.kind) ? 'dashed' : 'solid'}
        />
      ) : null}
      <Svg width={34} height={48} style={{ position: 'absolute', left: 0, top: 0 }} aria-hidden>
        {loose ? (
          <Path
            d="M14 14c0 26 16 30 15 16"
            fill="none"
            stroke={palette.accent}
            strokeWidth={3}
            strokeLinecap="round"
          />
        ) : null}
        <Circle
          cx={14}
          cy={14}
          r={7}
          fill={first ? palette.accent : palette.paper}
          stroke={palette.ink}
          strokeWidth={2.5}
        />
      </Svg>
      {mark}
      <View flex={1}>
        <Words bold>{knot.title}</Words>
        <Words small soft>
          {ours(knot.note)}
        </Words>
        {loose ? (
          <Words small accent>
            {t(loose)}
          </Words>
        ) : null}
      </View>
      {figure ? <Numeral>{figure}</Numeral> : null}
    </View>
  );
}
