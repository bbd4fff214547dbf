import type { FaultRow } from '@taxikine/core/knowledge/faultRow';
import type { FaultId } from '@taxikine/core/knowledge/faults';
import type { Phase, View as LookView } from '@taxikine/core/body/stance/patterns';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { faultKey } from '@taxikine/core/knowledge/keys';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { seenOne, tapFault, type LookChange } from './lookState';

export interface FaultRowsProps {
  readonly rows: readonly FaultRow[];
  readonly look: LookRecord;
  readonly view: LookView;
  readonly phase: Phase;
  readonly onChange: (change: LookChange, touched: string) => void;
  /** Long press: number and undo. */
  readonly onOpen: (key: string) => void;
}

/** Left | what | right: the client's left on the left hand from behind, swapped from the front. */
export function FaultRows({ rows, look, view, phase, onChange, onOpen }: FaultRowsProps) {
  const t = useText();
  const sides: readonly Side[] = view === 'front' ? ['right', 'left'] : ['left', 'right'];
  const tap = (row: FaultRow, side: Side | null) => {
    const key = faultKey({ fault: row.id, side });
    onChange((latest) => tapFault(latest, row.id as FaultId, side, phase), key);
  };
  const sideButton = (row: FaultRow, side: Side) => {
    const seen = seenOne(look, row.id, side);
    return (
      <Button
        key={side}
        flex={1}
        label={t(side)}
        note={seen ? t(`grades.${seen.grade}`) : undefined}
        says={`${row.short}, ${t(side)}${seen ? `, ${t(`grades.${seen.grade}`)}` : ''}`}
        chosen={Boolean(seen)}
        onPress={() => tap(row, side)}
        onLongPress={() => onOpen(faultKey({ fault: row.id, side }))}
      />
    );
  };
  return (
    <View gap="$2">
      {rows.map((row) => {
        const seen = seenOne(look, row.id, null);
        const clear = look.clear.includes(row.id as FaultId);
        const what = (
          <View flex={1.25} paddingHorizontal="$1">
            <Words textAlign="center" fontFamily="$heading" fontSize="$4" lineHeight="$4">
              {row.short}
            </Words>
            {clear ? (
              <Words tiny soft textAlign="center">
                {t('look.cleared')}
              </Words>
            ) : null}
          </View>
        );
        return (
          <View key={row.id} flexDirection="row" alignItems="center" gap="$2">
            {row.sided === 'none' ? (
              <>
                {what}
                <Button
                  flex={1.1}
                  label={seen ? t(`grades.${seen.grade}`) : t('look.seen')}
                  says={`${row.short}, ${seen ? t(`grades.${seen.grade}`) : t('look.seen')}`}
                  chosen={Boolean(seen)}
                  onPress={() => tap(row, null)}
                  onLongPress={() => onOpen(faultKey({ fault: row.id }))}
                />
              </>
            ) : (
              <>
                {sideButton(row, sides[0])}
                {what}
                {sideButton(row, sides[1])}
              </>
            )}
          </View>
        );
      })}
    </View>
  );
}
