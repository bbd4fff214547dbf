import { smallestRealChange } from '@taxikine/core/inference/change/smallestRealChange';
import type { CheckId, RangeCheck } from '@taxikine/core/knowledge/checks';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { SIDES } from '@taxikine/core/foundation/sides/side';
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
  /** The pelvis was held. */
  readonly held: boolean;
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

/** Both sides as the usual range has them: with the roll of a pelvis that was held, and what that leaves unsure. */
function scaledOf({ row, client, repeats, left, right }: RangeNoteProps) {
  const isMixed = left.held !== right.held;
  const [rollDeg, rollSd] = row.roll ?? [0, 0];
  const [one, other] = [left, right].map(({ value, times, held }) => ({
    value: value !== null && held ? value + rollDeg : value,
    sem: Math.hypot(ownNorm(row, client.norms, repeats, times).sem, isMixed && held ? rollSd : 0),
  }));
  return { left: one, right: other };
}

/** Both sides on the usual range, and their difference against what is real. */
export function RangeNote(props: RangeNoteProps) {
  const { row, client, repeats, width } = props;
  const t = useText();
  const [editing, setEditing] = useState(false);
  const norm = ownNorm(row, client.norms, repeats);
  const { usual, unit } = norm;
  const { left, right } = scaledOf(props);
  const heldOn = SIDES.filter((side) => props[side].held).map((side) => t(side));
  const real = smallestRealChange(Math.hypot(left.sem, right.sem) / Math.SQRT2);
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
        sems={{ left: left.sem, right: right.sem }}
        width={width}
        label={band}
      />
      <Words small soft>
        {band}
        {client.norms[row.id as CheckId] ? ` (${t('guide.normOwn')})` : ''} ·{' '}
        {t('check.real', { value: number(real) })}
      </Words>
      {row.roll && heldOn.length > 0 ? (
        <Words small soft role="note">
          {t('guide.heldNote', { sides: heldOn, deg: row.roll[0] })}
        </Words>
      ) : null}
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
