import { View } from '@tamagui/core';
import { saveFile } from '../../data/saveFile';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface RecoveryCodesProps {
  readonly codes: readonly string[];
  readonly onDone: () => void;
}

/** Codes that are told this once, and a way to keep them. */
export function RecoveryCodes({ codes, onDone }: RecoveryCodesProps) {
  const t = useText();
  const save = () => saveFile('taxikine-codes.txt', 'text/plain', `${codes.join('\n')}\n`);
  return (
    <>
      <Words>{t('account.recoveryWords')}</Words>
      <View role="list" flexDirection="row" flexWrap="wrap" rowGap="$1">
        {codes.map((code) => (
          <View key={code} role="listitem" width="50%">
            <Words style={{ fontVariantNumeric: 'tabular-nums' }}>{code}</Words>
          </View>
        ))}
      </View>
      <View flexDirection="row" flexWrap="wrap" gap="$3">
        <Button label={t('account.recoverySave')} onPress={save} />
        <Button kind="main" label={t('account.recoveryDone')} onPress={onDone} />
      </View>
    </>
  );
}

export function RecoverySheet({
  codes,
  onClose,
}: {
  codes: readonly string[];
  onClose: () => void;
}) {
  const t = useText();
  return (
    <Sheet title={t('account.recovery')} open onClose={onClose}>
      <RecoveryCodes codes={codes} onDone={onClose} />
    </Sheet>
  );
}
