import type { CheckId, CheckRow } from '@taxikine/core/knowledge/checks';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { CheckRecord } from '@taxikine/core/records/checks/checkRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useWrite } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { useText } from '../../words/useText';
import { maybeCheck, newCheck, orRemoved, type CheckTime } from './checkRecords';
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
  const write = useWrite();
  const known = maybeCheck(visit, time, row.id as CheckId, side);
  const record = known ?? newCheck(visit, time, row.id as CheckId, side);
  const save = (next: CheckRecord) => write('checks', orRemoved(next));
  return { known, record, save };
}

/** Everything about one check on one side. */
export function SideEntry(props: SideEntryProps) {
  const { row, visit, side } = props;
  const t = useText();
  const { known, record, save } = useCheckSide(props);
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
          onSave={save}
        />
      ) : (
        <ResultEntry row={row} record={record} where={where} onSave={save} />
      )}
      {row.felt.length > 0 ? (
        <Choice
          label={`${t('check.felt')}${side ? `, ${t(side)}` : ''}`}
          options={row.felt.map((value) => ({ value, label: t(`check.feltWords.${value}`) }))}
          value={record.felt ?? undefined}
          onChange={(felt) => save({ ...record, felt: record.felt === felt ? null : felt })}
        />
      ) : null}
      <HowTaken row={row} record={record} where={where} onSave={save} />
      {known ? (
        <View flexDirection="row">
          <Button
            kind="quiet"
            tight
            small
            label={t('remove')}
            says={`${t('remove')}: ${where}`}
            onPress={() => save({ ...known, removed: true })}
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
  readonly onSave: (record: CheckRecord) => void;
}

/** A result in words, and the same once more braced where that tells something. */
function ResultEntry({ row, record, where, onSave }: ResultEntryProps) {
  const t = useText();
  const options = row.results.map((value, i) => ({ value, label: row.resultWords[i] }));
  return (
    <>
      <Choice
        label={`${where}, ${t('check.plain')}`}
        options={options}
        value={record.result ?? undefined}
        onChange={(result) =>
          onSave({ ...record, result: record.result === result ? null : result })
        }
      />
      {row.braced ? (
        <Choice
          label={`${where}, ${t('check.braced')}`}
          options={options}
          value={typeof record.braced === 'string' ? record.braced : undefined}
          onChange={(braced) =>
            onSave({ ...record, braced: record.braced === braced ? null : braced })
          }
        />
      ) : null}
    </>
  );
}
