import {
  SIDES,
  smallestRealChange,
  withUnit,
  type CheckId,
  type CheckRecord,
  type CheckRow,
  type LookRole,
  type MaybeSide,
  type RangeCheck,
  type VisitFile,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { useWrite } from '../data/useFile';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Stepper } from '../ui/Stepper';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { maybeCheck, newCheck, orRemoved } from './checkRecords';
import { RangeBand } from './RangeBand';

export interface CheckCardProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly role: LookRole;
  readonly width: number;
  /** Only these sides; both by default. */
  readonly sides?: readonly MaybeSide[];
}

/** One check, both sides, every way it is taken. */
export function CheckCard({
  row,
  visit,
  role,
  width,
  sides = row.sided ? SIDES : [null],
}: CheckCardProps) {
  const t = useText();
  const id = row.id as CheckId;
  const value = (side: MaybeSide) => {
    const record = maybeCheck(visit, role, id, side);
    return record?.passive ?? record?.active ?? null;
  };
  return (
    <View gap="$3">
      <Words small soft>
        {row.how}
      </Words>
      {row.type === 'range' ? (
        <RangeNote
          row={row}
          left={value('left')}
          right={value('right')}
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

function RangeNote({
  row,
  left,
  right,
  width,
}: {
  row: RangeCheck;
  left: number | null;
  right: number | null;
  width: number;
}) {
  const t = useText();
  const { usual, sem, unit } = row.norm;
  const real = smallestRealChange(sem);
  const number = (value: number) => withUnit(Math.round(value * 10) / 10, unit);
  const band = t('check.usual', {
    from: number(usual[0] - usual[1]),
    to: number(usual[0] + usual[1]),
  });
  const difference = left !== null && right !== null ? Math.abs(left - right) : null;
  return (
    <View gap="$1">
      <RangeBand norm={row.norm} left={left} right={right} width={width} label={band} />
      <Words small soft>
        {band} · {t('check.real', { value: number(real) })}
      </Words>
      {difference === null ? null : (
        <Words small bold>
          {t('check.difference', {
            value: number(difference),
            verdict: difference >= real ? t('check.differs') : t('check.within'),
          })}
        </Words>
      )}
    </View>
  );
}

interface SideEntryProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly role: LookRole;
  readonly side: MaybeSide;
}

function SideEntry({ row, visit, role, side }: SideEntryProps) {
  const t = useText();
  const write = useWrite();
  const record = maybeCheck(visit, role, row.id as CheckId, side);
  const save = (part: Partial<CheckRecord>) =>
    write(
      'checks',
      orRemoved({ ...(record ?? newCheck(visit, role, row.id as CheckId, side)), ...part }),
    );
  const takeBack = record ? (
    <View flexDirection="row">
      <Button
        kind="quiet"
        tight
        small
        label={t('remove')}
        says={`${t('remove')}: ${side ? `${row.name}, ${t(side)}` : row.name}`}
        onPress={() => write('checks', { ...record, removed: true })}
      />
    </View>
  ) : null;
  const where = side ? `${row.name}, ${t(side)}` : row.name;
  if (row.type === 'result') {
    const options = row.results.map((value, i) => ({ value, label: row.resultWords[i] }));
    return (
      <>
        <Choice
          label={`${where}, ${t('check.plain')}`}
          options={options}
          value={record?.result ?? undefined}
          onChange={(result) => save({ result: record?.result === result ? null : result })}
        />
        {row.braced ? (
          <Choice
            label={`${where}, ${t('check.braced')}`}
            options={options}
            value={typeof record?.braced === 'string' ? record.braced : undefined}
            onChange={(braced) => save({ braced: record?.braced === braced ? null : braced })}
          />
        ) : null}
        {takeBack}
      </>
    );
  }
  const { norm } = row;
  const unit = norm.unit === 'deg' ? '°' : norm.unit;
  return (
    <>
      {row.modes.map((mode) => (
        <Stepper
          key={mode}
          label={t(`check.${mode}`)}
          says={`${where}, ${t(`check.${mode}`)}`}
          value={typeof record?.[mode] === 'number' ? (record[mode] as number) : null}
          from={Math.round(norm.usual[0])}
          unit={unit}
          least={norm.least}
          most={norm.most}
          onChange={(value) => save({ [mode]: value })}
        />
      ))}
      {row.felt.length > 0 ? (
        <Choice
          label={`${t('check.felt')}${side ? `, ${t(side)}` : ''}`}
          options={row.felt.map((value) => ({ value, label: t(`check.feltWords.${value}`) }))}
          value={record?.felt ?? undefined}
          onChange={(felt) => save({ felt: record?.felt === felt ? null : felt })}
        />
      ) : null}
      {row.asksPinch ? (
        <Choice
          label={`${t('check.pinch')}${side ? `, ${t(side)}` : ''}`}
          options={[
            { value: true, label: t('check.yes') },
            { value: false, label: t('check.no') },
          ]}
          value={record?.pinch ?? undefined}
          onChange={(pinch) => save({ pinch: record?.pinch === pinch ? null : pinch })}
        />
      ) : null}
      {takeBack}
    </>
  );
}
