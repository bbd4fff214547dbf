import { AT_THE_WALL, type Device } from '@taxikine/core/knowledge/checkGuides';
import type { CheckId, CheckMode, RangeCheck } from '@taxikine/core/knowledge/checks';
import { normFor } from '@taxikine/core/knowledge/norms';
import type { CheckRecord } from '@taxikine/core/records/checks/checkRecord';
import { withUnit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { InclinometerSheet } from '../../measure/instruments/InclinometerSheet';
import { RepetitionSheet, StopwatchSheet } from '../../measure/instruments/StopwatchSheet';
import { WallSheet } from '../../measure/instruments/WallSheet';
import { Button } from '../../ui/Button';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { CheckChange } from './checkRecords';
import { addReading, readingsOf, setReading, takeReadingBack } from './readings';
import type { SideEntryProps } from './SideEntry';

export interface RangeEntryProps extends Pick<SideEntryProps, 'visit' | 'side'> {
  readonly row: RangeCheck;
  readonly record: CheckRecord;
  /** "Hip bend, left" */
  readonly where: string;
  readonly onChange: (change: CheckChange) => void;
}

/** The numbers of one side: set by hand, or read with an instrument, once or more. */
export function RangeEntry({ row, record, where, visit, onChange }: RangeEntryProps) {
  return row.modes.map((mode) => (
    <ModeEntry
      key={mode}
      row={row}
      mode={mode}
      record={record}
      where={where}
      norms={visit.client.norms}
      onChange={onChange}
    />
  ));
}

interface ModeEntryProps extends Pick<RangeEntryProps, 'row' | 'record' | 'where' | 'onChange'> {
  readonly mode: CheckMode;
  readonly norms: Parameters<typeof normFor>[1];
}

function ModeEntry({ row, mode, record, where, norms, onChange }: ModeEntryProps) {
  const t = useText();
  const { norm } = row;
  const value = record[mode];
  const title = `${where}, ${t(`check.${mode}`)}`;
  return (
    <View gap="$1">
      <Stepper
        label={t(`check.${mode}`)}
        says={title}
        value={typeof value === 'number' ? value : null}
        from={Math.round(norm.usual[0])}
        unit={norm.unit === 'deg' ? '°' : norm.unit}
        least={norm.least}
        most={norm.most}
        onChange={(next) => onChange((latest) => setReading(latest, mode, next))}
      />
      <Instruments
        row={row}
        title={title}
        onReading={(next, device) => onChange((latest) => addReading(latest, mode, next, device))}
      />
      <Readings row={row} mode={mode} record={record} norms={norms} onChange={onChange} />
    </View>
  );
}

interface InstrumentsProps {
  readonly row: RangeCheck;
  readonly title: string;
  readonly onReading: (value: number, device: Device) => void;
}

/** What this check is read with: an inclinometer, a tape to the wall, a stopwatch or a counter. */
function Instruments({ row, title, onReading }: InstrumentsProps) {
  const t = useText();
  const [opened, setOpened] = useState<'main' | 'wall' | null>(null);
  const close = () => setOpened(null);
  const counted = { title, most: row.norm.most, onClose: close };
  const byEye = (value: number) => onReading(value, 'eye');
  return (
    <View flexDirection="row" flexWrap="wrap" gap="$2">
      <Button
        kind="quiet"
        tight
        small
        label={t('instrument.open')}
        says={`${t('instrument.open')}: ${title}`}
        onPress={() => setOpened('main')}
      />
      {AT_THE_WALL.some((id) => id === row.id) ? (
        <Button
          kind="quiet"
          tight
          small
          label={t('instrument.wallOpen')}
          says={`${t('instrument.wallOpen')}: ${title}`}
          onPress={() => setOpened('wall')}
        />
      ) : null}
      {opened === 'wall' ? <WallSheet title={title} onReading={onReading} onClose={close} /> : null}
      {opened === 'main' && row.norm.unit === 'deg' ? (
        <InclinometerSheet row={row} title={title} onReading={onReading} onClose={close} />
      ) : null}
      {opened === 'main' && row.norm.unit === 's' ? (
        <StopwatchSheet {...counted} onReading={byEye} />
      ) : null}
      {opened === 'main' && row.norm.unit === 'reps' ? (
        <RepetitionSheet {...counted} onReading={byEye} />
      ) : null}
    </View>
  );
}

/** What was read more than once: each reading, their mean, and the error that is left. */
function Readings({ row, mode, record, norms, onChange }: Omit<ModeEntryProps, 'where'>) {
  const t = useText();
  const readings = readingsOf(record, mode);
  if (readings.length < 2) return null;
  const { sem, unit } = normFor(row as RangeCheck & { id: CheckId }, norms, readings.length);
  const number = (value: number) => withUnit(Math.round(value * 10) / 10, unit);
  return (
    <View flexDirection="row" alignItems="center" gap="$2">
      <Words small soft flexShrink={1}>
        {t('guide.readings', {
          count: readings.length,
          list: readings.map((one) => String(one)).join(', '),
          mean: number(Number(record[mode])),
          error: number(sem),
        })}
      </Words>
      <Button
        kind="quiet"
        tight
        small
        label="−1"
        says={t('guide.readingsBack')}
        onPress={() => onChange((latest) => takeReadingBack(latest, mode))}
      />
    </View>
  );
}
