import { smallestRealChange } from '@taxikine/core/inference/change/smallestRealChange';
import type { CheckId, RangeCheck } from '@taxikine/core/knowledge/checks';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { ownNorm, type CheckRepeats } from '@taxikine/core/inference/visit/repeatsIn';
import { withUnit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { NormSheet } from './NormSheet';
import { RangeBand } from './RangeBand';

/** One side as it stands: its number, and how many readings that is the mean of. */
export interface Taken {
  readonly value: number | null;
  readonly times: number;
}

export interface RangeNoteProps {
  readonly row: RangeCheck;
  readonly client: ClientRecord;
  /** What was read more than once, of every check. */
  readonly repeats: readonly CheckRepeats[];
  readonly left: Taken;
  readonly right: Taken;
  readonly width: number;
}

/** Both sides on the usual range, and their difference against what is real. */
export function RangeNote({ row, client, repeats, left, right, width }: RangeNoteProps) {
  const t = useText();
  const [editing, setEditing] = useState(false);
  const norm = ownNorm(row, client.norms, repeats);
  const { usual, unit } = norm;
  const sems = [left, right].map(({ times }) => ownNorm(row, client.norms, repeats, times).sem);
  const real = smallestRealChange(Math.hypot(...sems) / Math.SQRT2);
  const number = (value: number) => withUnit(Math.round(value * 10) / 10, unit);
  const band = t('check.usual', {
    from: number(usual[0] - usual[1]),
    to: number(usual[0] + usual[1]),
  });
  const difference =
    left.value !== null && right.value !== null ? Math.abs(left.value - right.value) : null;
  return (
    <View gap="$1">
      <RangeBand
        norm={norm}
        left={left.value}
        right={right.value}
        sems={{ left: sems[0], right: sems[1] }}
        width={width}
        label={band}
      />
      <Words small soft>
        {band}
        {client.norms[row.id as CheckId] ? ` (${t('guide.normOwn')})` : ''} ·{' '}
        {t('check.real', { value: number(real) })}
      </Words>
      {norm.isUnsteady ? (
        <Words small accent role="note">
          {t('check.unsteady')}
        </Words>
      ) : null}
      {difference === null ? null : (
        <Words small bold>
          {t('check.difference', {
            value: number(difference),
            verdict: difference >= real ? t('check.differs') : t('check.within'),
          })}
        </Words>
      )}
      <View flexDirection="row">
        <Button
          kind="quiet"
          tight
          small
          label={t('guide.norm')}
          says={`${t('guide.norm')}: ${row.name}`}
          onPress={() => setEditing(true)}
        />
      </View>
      {editing ? <NormSheet row={row} client={client} onClose={() => setEditing(false)} /> : null}
    </View>
  );
}
