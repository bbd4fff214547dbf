import { View } from '@tamagui/core';
import { useState } from 'react';
import { useCoach } from '../../data/session';
import { canHaveCode, CODE_DIGITS, dropCode, hasCode, setCode } from '../../data/lock/deviceCode';
import { Button } from '../../ui/Button';
import { OneField } from '../../ui/OneField';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** Digits that open the lock of this device; nothing where the browser cannot keep them safe. */
export function DeviceCode() {
  const t = useText();
  const { coach } = useCoach();
  const [has, setHas] = useState(() => hasCode(coach.id));
  const [isFull, setFull] = useState(false);
  if (!canHaveCode()) return null;
  const keep = (code: string) =>
    void setCode(coach.id, code).then(
      () => setHas(true),
      () => setFull(true),
    );
  const drop = () => {
    dropCode(coach.id);
    setHas(false);
  };
  return (
    <View gap="$3">
      <Title aria-level={2}>{t('account.device')}</Title>
      <Words>{t(has ? 'account.deviceIs' : 'account.deviceWords')}</Words>
      {has ? (
        <View flexDirection="row">
          <Button kind="quiet" label={t('account.deviceDrop')} onPress={drop} />
        </View>
      ) : (
        <CodeForm onCode={keep} />
      )}
      {isFull ? (
        <Words accent role="alert">
          {t('account.deviceFull')}
        </Words>
      ) : null}
    </View>
  );
}

function CodeForm({ onCode }: { onCode: (code: string) => void }) {
  const t = useText();
  const [isShort, setShort] = useState(false);
  return (
    <OneField
      label={t('account.deviceCode')}
      inputMode="numeric"
      autoComplete="off"
      problem={isShort ? t('account.deviceShort') : undefined}
      go={t('account.deviceSet')}
      onGo={(code) => {
        const isGood = CODE_DIGITS.test(code);
        setShort(!isGood);
        if (isGood) onCode(code);
      }}
    />
  );
}
