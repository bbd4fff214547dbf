import type { Board as BoardData, Column, Knot } from '@taxikine/core/reading/visit/threads';
import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { BARE_BUTTON } from '../../ui/bareButton';
import { Numeral, Title, Words } from '../../ui/text';
import { ours } from '../../words/units';
import { useText } from '../../words/useText';
import { BoardStrands } from './BoardStrands';
import { COLUMNS, GAP, ROW } from './placeKnots';
import { useBoard, type BoardState } from './useBoard';

/** Room under the last row, for what hangs below its knot. */
const BELOW = 20;

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

/** The thread from left to right through four columns; any knot lights up everything it is tied to. */
export function Board(props: BoardProps) {
  const { board, width, heads = {}, onRead } = props;
  const state = useBoard(board, width, onRead);
  const { columnWidth } = state;
  const height = state.height + BELOW;
  return (
    <View width={width} gap="$3">
      <Titles columnWidth={columnWidth} />
      {Object.keys(heads).length > 0 ? (
        <View flexDirection="row" gap={GAP}>
          {COLUMNS.map((column) => (
            <View key={column} width={columnWidth}>
              {heads[column] ?? null}
            </View>
          ))}
        </View>
      ) : null}
      <View position="relative" height={height}>
        <BoardStrands state={state} strands={board.strands} width={width} height={height} />
        {COLUMNS.map((column, c) => (
          <View key={column} position="absolute" left={c * (columnWidth + GAP)} width={columnWidth}>
            <KnotsOf {...props} column={column} state={state} />
          </View>
        ))}
      </View>
    </View>
  );
}

function Titles({ columnWidth }: { columnWidth: number }) {
  const t = useText();
  return (
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
  );
}

const EMPTY = {
  look: 'board.emptyLook',
  trace: 'board.emptyTrace',
  work: 'board.emptyWork',
  again: 'board.emptyAgain',
} as const;

type Part = BoardProps & { readonly state: BoardState };

/** The knots of a column, or the word that there is none yet. */
function KnotsOf({ column, ...props }: Part & { readonly column: Column }) {
  const t = useText();
  const knots = props.board.knots.filter((knot) => knot.column === column);
  if (knots.length > 0)
    return knots.map((knot) => <OneKnot key={knot.key} {...props} knot={knot} />);
  return (
    <Words small soft>
      {t(EMPTY[column])}
    </Words>
  );
}

function OneKnot({ knot, state, markOf, figureOf }: Part & { readonly knot: Knot }) {
  const t = useText();
  const { chosen, choose, hover, strengthOf } = state;
  const figure = figureOf(knot);
  return (
    <button
      type="button"
      aria-pressed={chosen === knot.key}
      onClick={() => choose(knot.key)}
      onMouseEnter={() => hover(knot.key)}
      onMouseLeave={() => hover(null)}
      style={{
        ...BARE_BUTTON,
        height: ROW,
        gap: 10,
        opacity: strengthOf(knot.key),
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
      {figure ? <Numeral>{figure}</Numeral> : null}
    </button>
  );
}
