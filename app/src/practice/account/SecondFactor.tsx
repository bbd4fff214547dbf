import type { FactorShown } from '@taxikine/core/records/wire/account';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { ProblemWords } from '../../frame/ProblemWords';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { when } from '../../words/when';
import { FactorSheet } from './FactorSheet';
import { RecoverySheet } from './RecoverySheet';
import { useBeginFactor, useFactor, useRenewRecovery, useTurnOffFactor } from './useFactor';

/** Fewer recovery codes than this are too few. */
const FEW = 3;

/** Whether a code is asked for at the door, and the way there and back. */
export function SecondFactor() {
  const t = useText();
  const { data: factor, error } = useFactor();
  // The sheet stays over what it changes: recovery codes are told once it is on.
  const begin = useBeginFactor();
  return (
    <View gap="$3">
      <Title aria-level={2}>{t('account.factor')}</Title>
      <ProblemWords of={factor ? null : error} />
      {factor?.since ? <On {...factor} since={factor.since} /> : null}
      {factor && !factor.since ? <Off begin={begin} /> : null}
      {begin.data ? <FactorSheet factor={begin.data} onClose={begin.reset} /> : null}
    </View>
  );
}

function Off({ begin }: { begin: ReturnType<typeof useBeginFactor> }) {
  const t = useText();
  return (
    <>
      <Words>{t('account.factorOff')}</Words>
      <View flexDirection="row">
        <Button
          label={t('account.factorBegin')}
          off={begin.isPending}
          onPress={() => begin.mutate()}
        />
      </View>
      <ProblemWords of={begin.error} />
    </>
  );
}

function On({ since, recoveryLeft }: FactorShown & { since: string }) {
  const t = useText();
  const renew = useRenewRecovery();
  const end = useTurnOffFactor();
  const [sure, setSure] = useState(false);
  return (
    <>
      <Words>{t('account.factorOn', { since: when(since), left: recoveryLeft })}</Words>
      {recoveryLeft < FEW ? <Words accent>{t('account.factorFew')}</Words> : null}
      <View flexDirection="row" flexWrap="wrap" gap="$3">
        <Button
          label={t('account.recoveryNew')}
          off={renew.isPending}
          onPress={() => renew.mutate()}
        />
        <Button
          kind="quiet"
          label={t(sure ? 'account.factorSure' : 'account.factorEnd')}
          off={end.isPending}
          onPress={() => (sure ? end.mutate() : setSure(true))}
        />
      </View>
      <ProblemWords of={renew.error ?? end.error} />
      {renew.data ? <RecoverySheet {...renew.data} onClose={renew.reset} /> : null}
    </>
  );
}
