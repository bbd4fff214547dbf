import type { CheckId, CheckRow } from '@taxikine/core/knowledge/checks';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { CheckRecord } from '@taxikine/core/records/checks/checkRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useUpdate } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { useText } from '../../words/useText';
import {
  maybeCheck,
  newCheck,
  orRemoved,
  toggled,
  type CheckChange,
  type CheckTime,
} from './checkRecords';
import { HowTaken } from './HowTaken';
import { RangeEntry } from './RangeEntry';

export interface SideEntryProps {
  readonly row: CheckRow;
  readonly visit: VisitFile;
  readonly time: CheckTime;
  readonly side: MaybeSide;
}

/** The record of one check on one side, blank before there is one, and how it is saved. */
export function useCheckSide({ row, visit, time, side }: SideEntryProps) {
  const update = useUpdate();
  const known = maybeCheck(visit, time, row.id as CheckId, side);
  const record = known ?? newCheck(visit, time, row.id as CheckId, side);
  const change = (next: CheckChange) =>
    update('checks', record, (latest) => orRemoved(next(latest)));
  return { known, record, change };
}

/** Everything about one check on one side. */
export function SideEntry(props: SideEntryProps) {
  const { row, visit, side } = props;
  const t = useText();
  const { known, record, change } = useCheckSide(props);
  const where = side ? `${row.name}, ${t(side)}` : row.name;
  return (
    <>
      {row.type === 'range' ? (
        <RangeEntry
          row={row}
          record={record}
          where={where}
          visit={visit}
          side={side}
          onChange={change}
        />
      ) : (
        <ResultEntry row={row} record={record} where={where} onChange={change} />
      )}
      {row.felt.length > 0 ? (
        <Choice
          label={`${t('check.felt')}${side ? `, ${t(side)}` : ''}`}
          options={row.felt.map((value) => ({ value, label: t(`check.feltWords.${value}`) }))}
          value={record.felt ?? undefined}
          onChange={(felt) => change((latest) => toggled(latest, 'felt', felt))}
        />
      ) : null}
      <HowTaken row={row} record={record} where={where} onChange={change} />
      {known ? (
        <View flexDirection="row">
          <Button
            kind="quiet"
            tight
            small
            label={t('remove')}
            says={`${t('remove')}: ${where}`}
            onPress={() => change((latest) => ({ ...latest, removed: true }))}
          />
        </View>
      ) : null}
    </>
  );
}

interface ResultEntryProps {
  readonly row: Extract<CheckRow, { type: 'result' }>;
  readonly record: CheckRecord;
  readonly where: string;
  readonly onChange: (change: CheckChange) => void;
}

/** A result in words, and the same once more braced where that tells something. */
function ResultEntry({ row, record, where, onChange }: ResultEntryProps) {
  const t = useText();
  const options = row.results.map((value, i) => ({ value, label: row.resultWords[i] }));
  return (
    <>
      <Choice
        label={`${where}, ${t('check.plain')}`}
        options={options}
        value={record.result ?? undefined}
        onChange={(result) => onChange((latest) => toggled(latest, 'result', result))}
      />
      {row.braced ? (
        <Choice
          label={`${where}, ${t('check.braced')}`}
          options={options}
          value={typeof record.braced === 'string' ? record.braced : undefined}
          onChange={(braced) => onChange((latest) => toggled(latest, 'braced', braced))}
        />
      ) : null}
    </>
  );
}
