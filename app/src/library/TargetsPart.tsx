import { CAUSES, oneCause, type CauseId } from '@taxikine/core/knowledge/causes';
import type { OwnDrillRecord } from '@taxikine/core/records/ownDrills/ownDrillRecord';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';

export interface TargetsPartProps {
  readonly targets: OwnDrillRecord['targets'];
  readonly onTargets: (targets: OwnDrillRecord['targets']) => void;
}

const EFFECTS = ['small', 'medium', 'large'] as const;

/** What a drill can be for: what is given is fitted around, and no drill frees it. */
const AIMS = CAUSES.filter(({ kind }) => kind !== 'given').map(({ id }) => id as CauseId);

/** One tap more: small, medium, large, nothing. */
function tapped(targets: OwnDrillRecord['targets'], cause: CauseId): OwnDrillRecord['targets'] {
  const known = targets.find((one) => one.cause === cause);
  const next = known ? EFFECTS[EFFECTS.indexOf(known.effect) + 1] : EFFECTS[0];
  const rest = targets.filter((one) => one.cause !== cause);
  return next ? [...rest, { cause, effect: next }] : rest;
}

/** The causes that a drill aims at, and how much it is expected to do. */
export function TargetsPart({ targets, onTargets }: TargetsPartProps) {
  const t = useText();
  const [all, setAll] = useState(targets.length === 0);
  const shown = all ? AIMS : AIMS.filter((id) => targets.some(({ cause }) => cause === id));
  return (
    <View gap="$2" role="group" aria-label={t('drills.targets')}>
      <Title small aria-level={2}>
        {t('drills.targets')}
      </Title>
      <Words soft small>
        {t('drills.targetsHint')}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {shown.map((id) => {
          const known = targets.find(({ cause }) => cause === id);
          return (
            <Button
              key={id}
              tight
              small
              left
              chosen={Boolean(known)}
              label={fillSide(oneCause(id).sentence, null)}
              note={known ? t(`drills.effects.${known.effect}`) : undefined}
              onPress={() => onTargets(tapped(targets, id))}
            />
          );
        })}
      </View>
      <Button
        kind="quiet"
        left
        tight
        small
        label={t(all ? 'drills.fewerCauses' : 'drills.moreCauses')}
        onPress={() => setAll(!all)}
      />
    </View>
  );
}
