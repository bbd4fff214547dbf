import type { NewFactor } from '@taxikine/core/contract/account';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { LaterQrCode } from '../ui/LaterQrCode';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { problemWords } from '../words/problemWords';
import { useText } from '../words/useText';
import { RecoveryCodes } from './RecoverySheet';
import { useTurnOnFactor } from './useFactor';

export interface FactorSheetProps {
  readonly factor: NewFactor;
  readonly onClose: () => void;
}

/** In groups of four, as it is typed into a phone. */
const inFours = (secret: string): string => secret.replaceAll(/(.{4})(?=.)/g, '$1 ');

/** Sets up an authenticator: its picture, the first code of it, and then what opens without it. */
export function FactorSheet({ factor, onClose }: FactorSheetProps) {
  const t = useText();
  const turningOn = useTurnOnFactor();
  const codes = turningOn.data?.codes;
  return (
    <Sheet title={t(codes ? 'account.recovery' : 'account.factorBegin')} open onClose={onClose}>
      {codes ? (
        <RecoveryCodes codes={codes} onDone={onClose} />
      ) : (
        <>
          <Words>{t('account.factorScan')}</Words>
          <View alignItems="center">
            <LaterQrCode text={factor.address} says={t('account.factorPicture')} size={200} />
          </View>
          <View>
            <Words small soft>
              {t('account.factorType')}
            </Words>
            <Words>{inFours(factor.secret)}</Words>
          </View>
          <FirstCode
            busy={turningOn.isPending}
            problem={problemWords(turningOn.error, t)}
            onCode={(code) => turningOn.mutate(code)}
          />
        </>
      )}
    </Sheet>
  );
}

interface FirstCodeProps {
  readonly busy: boolean;
  readonly problem: string | null;
  readonly onCode: (code: string) => void;
}

function FirstCode({ busy, problem, onCode }: FirstCodeProps) {
  const t = useText();
  const [code, setCode] = useState('');
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!busy && code !== '') onCode(code);
      }}
    >
      <View gap="$3">
        <Field
          label={t('account.factorCode')}
          inputMode="numeric"
          autoComplete="one-time-code"
          value={code}
          onChange={setCode}
          problem={problem ?? undefined}
        />
        <Button kind="main" submits off={busy || code === ''} label={t('account.factorGo')} />
      </View>
    </form>
  );
}
