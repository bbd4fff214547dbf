import {
  CHECK_GUIDES,
  SIDES,
  type CheckId,
  type CheckMode,
  type CheckRow,
  type FeltWhere,
  type LookRole,
  type MaybeSide,
  type VisitFile,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { CheckFigure } from './CheckFigure';
import { maybeCheck } from './checkRecords';
import { RangeNote, type Taken } from './RangeNote';
import { readingsOf } from './readings';
import { SideEntry, useCheckSide } from './SideEntry';

export interface CheckCardProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly role: LookRole;
  readonly width: number;
  /** Only these sides; both by default. */
  readonly sides?: readonly MaybeSide[];
}

/** What stands for a side on the band: the plain measure, and how often it was read. */
function takenOf(visit: VisitFile, role: LookRole, check: CheckId, side: MaybeSide): Taken {
  const record = maybeCheck(visit, role, check, side);
  if (!record) return { value: null, times: 1 };
  const mode: CheckMode = record.passive === null ? 'active' : 'passive';
  const value = record[mode];
  return {
    value: typeof value === 'number' ? value : null,
    times: Math.max(1, readingsOf(record, mode).length),
  };
}

/** One check: how it is taken, then both sides, every way it is taken. */
export function CheckCard({
  row,
  visit,
  role,
  width,
  sides = row.sided ? SIDES : [null],
}: CheckCardProps) {
  const t = useText();
  const id = row.id as CheckId;
  // The side whose entry was last touched is the one the figure shows.
  const [shown, setShown] = useState<MaybeSide>(sides[0]);
  return (
    <View gap="$3">
      <Guide row={row} visit={visit} role={role} side={shown} width={width} />
      {row.type === 'range' ? (
        <RangeNote
          row={row}
          client={visit.client}
          left={takenOf(visit, role, id, 'left')}
          right={takenOf(visit, role, id, 'right')}
          width={Math.min(width, 520)}
        />
      ) : null}
      <View flexDirection="row" flexWrap="wrap" gap="$5">
        {sides.map((side) => (
          <View
            key={side ?? 'whole'}
            gap="$2"
            maxWidth="100%"
            role="group"
            aria-label={side ? `${row.name}, ${t(side)}` : row.name}
            onPointerDown={() => setShown(side)}
            onFocus={() => setShown(side)}
          >
            {side ? (
              <Title small aria-level={4}>
                {t(side)}
              </Title>
            ) : null}
            <SideEntry row={row} visit={visit} role={role} side={side} />
          </View>
        ))}
      </View>
    </View>
  );
}

interface GuideProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly role: LookRole;
  readonly side: MaybeSide;
  readonly width: number;
}

/** How the client is placed and where to look, and on the figure where it is felt. */
function Guide({ row, visit, role, side, width }: GuideProps) {
  const t = useText();
  const { record, save } = useCheckSide({ row, visit, role, side });
  const onFelt = (felt: FeltWhere) => save({ ...record, felt: record.felt === felt ? null : felt });
  return (
    <View gap="$1">
      <CheckFigure
        row={row}
        client={visit.client}
        side={side}
        felt={record.felt}
        onFelt={onFelt}
        width={width}
      />
      <Words small>{CHECK_GUIDES[row.id as CheckId].place}</Words>
      <Words small soft>
        {row.how}
      </Words>
      {row.felt.length > 0 ? (
        <Words small soft>
          {side ? t('guide.tapFelt', { side: t(side) }) : t('guide.tapFeltWhole')}
        </Words>
      ) : null}
    </View>
  );
}
