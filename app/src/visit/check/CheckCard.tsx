import { CHECK_GUIDES } from '@taxikine/core/knowledge/checkGuides';
import type { CheckId, CheckMode, CheckRow, FeltWhere } from '@taxikine/core/knowledge/checks';
import { SIDES, type MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { CheckRole } from '@taxikine/core/records/checks/checkRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { AgainstSide } from './AgainstSide';
import { CheckFigure } from './CheckFigure';
import { maybeCheck, type CheckTime } from './checkRecords';
import { RangeNote, type Taken } from './RangeNote';
import { readingsOf } from './readings';
import { toggled } from './checkRecords';
import { SideEntry, useCheckSide } from './SideEntry';

export interface CheckCardProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly role: CheckRole;
  /** The drill it is taken right after, for one between two. */
  readonly afterDrill?: string;
  readonly width: number;
  /** Without figure and directions: they were there before. */
  readonly bare?: boolean;
  /** Only these sides; both by default. */
  readonly sides?: readonly MaybeSide[];
}

/** What stands for a side on the band: the plain measure, and how often it was read. */
function takenOf(visit: VisitFile, time: CheckTime, check: CheckId, side: MaybeSide): Taken {
  const record = maybeCheck(visit, time, check, side);
  if (!record) return { value: null, times: 1, held: false };
  const mode: CheckMode = record.passive === null ? 'active' : 'passive';
  const value = record[mode];
  return {
    value: typeof value === 'number' ? value : null,
    times: Math.max(1, readingsOf(record, mode).length),
    held: record.held,
  };
}

/** One check: how it is taken, then both sides, every way it is taken. */
export function CheckCard({
  row,
  visit,
  role,
  afterDrill = undefined,
  width,
  bare = false,
  sides = row.sided ? SIDES : [null],
}: CheckCardProps) {
  const t = useText();
  const id = row.id as CheckId;
  const time = { role, afterDrill: afterDrill ?? null };
  // The side whose entry was last touched is the one the figure shows.
  const [shown, setShown] = useState<MaybeSide>(sides[0]);
  return (
    <View gap="$3">
      {bare ? null : <Guide row={row} visit={visit} time={time} side={shown} width={width} />}
      {row.type === 'range' ? (
        <RangeNote
          row={row}
          client={visit.client}
          repeats={visit.repeats}
          left={takenOf(visit, time, id, 'left')}
          right={takenOf(visit, time, id, 'right')}
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
            <AgainstSide check={id} side={side} visit={visit} />
            <SideEntry row={row} visit={visit} time={time} side={side} />
          </View>
        ))}
      </View>
    </View>
  );
}

interface GuideProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly time: CheckTime;
  readonly side: MaybeSide;
  readonly width: number;
}

/** How the client is placed and where to look, and on the figure where it is felt. */
function Guide({ row, visit, time, side, width }: GuideProps) {
  const t = useText();
  const { record, change } = useCheckSide({ row, visit, time, side });
  const onFelt = (felt: FeltWhere) => change((latest) => toggled(latest, 'felt', felt));
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
