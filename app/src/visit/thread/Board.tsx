import type { CauseKind } from '@taxikine/core/knowledge/causes';
import {
  threadThrough,
  type Board as BoardData,
  type Column,
  type Knot,
  type Strand,
} from '@taxikine/core/reading/visit/threads';
import { View } from '@tamagui/core';
import { useState, type ReactNode } from 'react';
import Svg, { Path } from 'react-native-svg';
import { BARE_BUTTON } from '../../ui/bareButton';
import { Numeral, Title, Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { kindColour, kindDash } from './KindMark';
import { StrandHits } from './StrandHits';
import { curlPath, strandPath, strandWidth } from './strandPath';
import { ours } from '../../words/units';

const COLUMNS: readonly Column[] = ['look', 'trace', 'work', 'again'];
const GAP = 92;
const ROW = 122;
const HEAD = 26;

export interface BoardProps {
  readonly board: BoardData;
  readonly width: number;
  /** What stands in front of a knot's title: its kind, its verdict. */
  readonly markOf: (knot: Knot) => ReactNode;
  /** What stands behind it: a probability. */
  readonly figureOf: (knot: Knot) => string | null;
  /** A drawing at the head of a column. */
  readonly heads?: Partial<Record<Column, ReactNode>>;
  /** A knot was chosen, or let go. */
  readonly onRead?: (key: string | null) => void;
}

interface Placed {
  readonly knot: Knot;
  readonly left: { x: number; y: number };
  readonly right: { x: number; y: number };
}

/** Knots in their columns, spread over the same height. */
function place(
  board: BoardData,
  width: number,
): { placed: Map<string, Placed>; height: number; columnWidth: number } {
  const columnWidth = (width - GAP * (COLUMNS.length - 1)) / COLUMNS.length;
  const rows = Math.max(
    1,
    ...COLUMNS.map((column) => board.knots.filter((knot) => knot.column === column).length),
  );
  const height = rows * ROW;
  const placed = new Map<string, Placed>();
  COLUMNS.forEach((column, c) => {
    const knots = board.knots.filter((knot) => knot.column === column);
    knots.forEach((knot, i) => {
      const y = i * ROW + HEAD;
      const x = c * (columnWidth + GAP);
      placed.set(knot.key, { knot, left: { x: x - 12, y }, right: { x: x + columnWidth + 6, y } });
    });
  });
  return { placed, height, columnWidth };
}

const looseKind = (strands: readonly Strand[], key: string): CauseKind =>
  strands.find((strand) => strand.to === key)?.kind ?? 'restriction';

/** The thread from left to right through four columns; any knot lights up everything it is tied to. */
export function Board({ board, width, markOf, figureOf, heads = {}, onRead }: BoardProps) {
  const palette = usePalette();
  const t = useText();
  const [hovered, setHovered] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const lit = hovered ?? chosen;
  const choose = (key: string) => {
    const next = chosen === key ? null : key;
    setChosen(next);
    onRead?.(next);
  };
  const { placed, height, columnWidth } = place(board, width);
  const on = lit ? threadThrough(board.strands, lit) : null;
  const faint = (...keys: string[]) => (on && !keys.every((key) => on.has(key)) ? 0.14 : 1);
  const drawn = board.strands.flatMap((strand) => {
    const [from, to] = [placed.get(strand.from), placed.get(strand.to)];
    if (!from || !to) return [];
    const d = strandPath(from.right, to.left);
    return [{ key: `${strand.from}>${strand.to}`, d, strand }];
  });
  const empty: Record<Column, string> = {
    look: t('board.emptyLook'),
    trace: t('board.emptyTrace'),
    work: t('board.emptyWork'),
    again: t('board.emptyAgain'),
  };
  return (
    <View width={width} gap="$3">
      <View flexDirection="row" gap={GAP}>
        {COLUMNS.map((column) => (
          <View
            key={column}
            width={columnWidth}
            borderBottomWidth={1.5}
            borderColor="$ink"
            paddingBottom="$1"
          >
            <Title aria-level={2}>{t(`board.${column}`)}</Title>
          </View>
        ))}
      </View>
      {Object.keys(heads).length > 0 ? (
        <View flexDirection="row" gap={GAP}>
          {COLUMNS.map((column) => (
            <View key={column} width={columnWidth}>
              {heads[column] ?? null}
            </View>
          ))}
        </View>
      ) : null}
      <View position="relative" height={height + 20}>
        <Svg
          width={width}
          height={height + 20}
          style={{ position: 'absolute', overflow: 'visible' }}
          aria-hidden
        >
          {drawn.map(({ key, d, strand }) => (
            <Path
              key={key}
              d={d}
              fill="none"
              stroke={kindColour(strand.kind, palette)}
              strokeWidth={strandWidth(strand.sure)}
              strokeDasharray={kindDash(strand.kind)}
              strokeLinecap={kindDash(strand.kind) ? 'butt' : 'round'}
              opacity={faint(strand.from, strand.to)}
            />
          ))}
          {[...placed.values()]
            .filter(({ knot }) => knot.loose)
            .map(({ knot, right }) => (
              <Path
                key={knot.key}
                d={curlPath(right)}
                fill="none"
                stroke={kindColour(looseKind(board.strands, knot.key), palette)}
                strokeWidth={3}
                strokeLinecap="round"
                opacity={faint(knot.key)}
              />
            ))}
        </Svg>
        <StrandHits
          width={width}
          height={height + 20}
          hits={drawn.map(({ key, d, strand }) => ({
            key,
            d,
            onPress: () => choose(strand.to),
            onEnter: () => setHovered(strand.to),
            onLeave: () => setHovered(null),
          }))}
        />
        {COLUMNS.map((column, c) => (
          <View key={column} position="absolute" left={c * (columnWidth + GAP)} width={columnWidth}>
            {board.knots.every((knot) => knot.column !== column) ? (
              <Words small soft>
                {empty[column]}
              </Words>
            ) : null}
            {board.knots
              .filter((knot) => knot.column === column)
              .map((knot) => (
                <button
                  key={knot.key}
                  type="button"
                  aria-pressed={chosen === knot.key}
                  onClick={() => choose(knot.key)}
                  onMouseEnter={() => setHovered(knot.key)}
                  onMouseLeave={() => setHovered(null)}
                  style={{
                    ...BARE_BUTTON,
                    height: ROW,
                    gap: 10,
                    opacity: faint(knot.key),
                    width: '100%',
                  }}
                >
                  {markOf(knot)}
                  <View flex={1} paddingTop={2}>
                    <Words bold>{knot.title}</Words>
                    <Words small soft>
                      {ours(knot.note)}
                    </Words>
                    {knot.loose ? (
                      <Words small accent>
                        {t('board.loose')}
                      </Words>
                    ) : null}
                  </View>
                  {figureOf(knot) ? <Numeral>{figureOf(knot)}</Numeral> : null}
                </button>
              ))}
          </View>
        ))}
      </View>
    </View>
  );
}
