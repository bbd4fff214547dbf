import type { NewFactor } from '@taxikine/core/records/wire/account';
import { View } from '@tamagui/core';
import { LaterQrCode } from '../../frame/LaterQrCode';
import { OneField } from '../../ui/OneField';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { problemWords } from '../../data/problemWords';
import { useText } from '../../words/useText';
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
          <OneField
            label={t('account.factorCode')}
            inputMode="numeric"
            autoComplete="one-time-code"
            problem={problemWords(turningOn.error, t) ?? undefined}
            main
            busy={turningOn.isPending}
            go={t('account.factorGo')}
            onGo={turningOn.mutate}
          />
        </>
      )}
    </Sheet>
  );
}
