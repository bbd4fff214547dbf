import { POINT_COLUMNS, type ColumnMap } from '@taxikine/core/media/recording/readTable';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface ColumnMapperProps {
  readonly names: readonly string[];
  readonly known: ColumnMap;
  readonly onDone: (columns: ColumnMap) => void;
}

/** Which column of a table holds what, where the names do not say it. */
export function ColumnMapper({ names, known, onDone }: ColumnMapperProps) {
  const t = useText();
  const [columns, setColumns] = useState<ColumnMap>(known);
  const lacking = POINT_COLUMNS.filter((one) => one !== 'confidence' && !columns[one]);
  return (
    <View gap="$3">
      <Title small aria-level={2}>
        {t('recording.columns')}
      </Title>
      <Words>{t('recording.columnsHint')}</Words>
      {POINT_COLUMNS.map((column) => (
        <Choice
          key={column}
          label={t(`recording.column.${column}`)}
          options={names.map((name) => ({ value: name, label: name }))}
          value={columns[column]}
          onChange={(name) => setColumns((now) => ({ ...now, [column]: name }))}
        />
      ))}
      <Button
        kind="main"
        off={lacking.length > 0}
        label={t('recording.readColumns')}
        onPress={() => onDone(columns)}
      />
    </View>
  );
}
