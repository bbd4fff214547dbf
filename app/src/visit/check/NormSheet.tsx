import type { CheckId, RangeCheck } from '@taxikine/core/knowledge/checks';
import { normFor, type NormEdit } from '@taxikine/core/knowledge/norms';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useCoach, useIsOwner } from '../../data/session';
import { useUpdate } from '../../data/useFile';
import { useSettings } from '../../data/useSettings';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface NormSheetProps {
  readonly row: RangeCheck;
  readonly client: ClientRecord;
  readonly onClose: () => void;
}

/** What counts as usual for this client, where a coach knows better than the table. */
export function NormSheet({ row, client, onClose }: NormSheetProps) {
  const t = useText();
  const update = useUpdate();
  const isOwner = useIsOwner();
  const { practice } = useCoach();
  const house = useSettings();
  const id = row.id as CheckId;
  const { usual, restricted, sem } = normFor(row, client.norms);
  const [norm, setNorm] = useState<NormEdit>({ usual, restricted, sem });
  const unit = row.norm.unit === 'deg' ? '°' : row.norm.unit;
  const same = norm.usual[0] === norm.restricted[0];
  const keep = (own: NormEdit | null) => {
    update('clients', client, (latest) => {
      const { [id]: _, ...others } = latest.norms;
      return { ...latest, norms: own ? { ...others, [id]: own } : others };
    });
    onClose();
  };
  const forEverybody = () => {
    const { name, idleMin, norms = {} } = practice;
    house.save(
      { name, idleMin, norms: { ...norms, [id]: norm } },
      // A norm of the client's own would go before it, and hide it here.
      { onSuccess: () => keep(null) },
    );
  };
  const number = (
    label: string,
    value: number,
    onChange: (value: number) => void,
    least: number,
    most: number,
  ) => (
    <Stepper
      label={label}
      value={value}
      from={value}
      unit={unit}
      least={least}
      most={most}
      step={row.norm.unit === 'deg' && most <= 60 ? 0.5 : 1}
      onChange={onChange}
    />
  );
  const pair = (which: 'usual' | 'restricted', mean: string, spread: string) => (
    <View flexDirection="row" flexWrap="wrap" gap="$4">
      {number(
        mean,
        norm[which][0],
        (value) => setNorm({ ...norm, [which]: [value, norm[which][1]] }),
        -60,
        300,
      )}
      {number(
        spread,
        norm[which][1],
        (value) => setNorm({ ...norm, [which]: [norm[which][0], value] }),
        0.5,
        60,
      )}
    </View>
  );
  return (
    <Sheet title={t('guide.normTitle', { name: row.name.toLowerCase() })} open onClose={onClose}>
      <Words small soft>
        {t('guide.normLead')}
      </Words>
      {pair('usual', t('guide.normUsual'), t('guide.normUsualSd'))}
      {pair('restricted', t('guide.normRestricted'), t('guide.normRestrictedSd'))}
      {number(t('guide.normSem'), norm.sem, (value) => setNorm({ ...norm, sem: value }), 0.1, 60)}
      {same ? (
        <Words small accent role="alert">
          {t('guide.normSame')}
        </Words>
      ) : null}
      {house.problem ? (
        <Words small accent role="alert">
          {house.problem}
        </Words>
      ) : null}
      <View flexDirection="row" gap="$2">
        <Button
          label={t(practice.norms?.[id] ? 'guide.normHouse' : 'guide.normTable')}
          onPress={() => keep(null)}
        />
        <Button kind="main" flex={1} label={t('save')} off={same} onPress={() => keep(norm)} />
      </View>
      {isOwner ? (
        <Button label={t('guide.normEverybody')} off={same || house.busy} onPress={forEverybody} />
      ) : null}
    </Sheet>
  );
}
