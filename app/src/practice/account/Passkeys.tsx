import { View } from '@tamagui/core';
import { useState } from 'react';
import { canHavePasskey } from '../../data/passkey';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { ListLine } from '../../ui/ListLine';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { when } from '../../words/when';
import { usePasskeys } from './usePasskeys';

/** Keys that let the coach in by a finger, a face or the digits of the device; nothing where there can be none. */
export function Passkeys() {
  const t = useText();
  const { passkeys, problem, busy, make, drop } = usePasskeys();
  const [name, setName] = useState('');
  if (!canHavePasskey()) return null;
  return (
    <View gap="$3">
      <Title aria-level={2}>{t('account.keys')}</Title>
      <Words>{t('account.keysWords')}</Words>
      {passkeys.map(({ id, name: device, madeOn, usedOn }) => (
        <ListLine
          key={id}
          title={device}
          note={
            usedOn
              ? t('account.keyUsed', { used: when(usedOn), made: when(madeOn) })
              : t('account.keyMade', { made: when(madeOn) })
          }
        >
          <Button
            tight
            label={t('account.keyDrop')}
            says={t('account.keyDropSays', { device })}
            off={busy}
            onPress={() => drop(id)}
          />
        </ListLine>
      ))}
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          if (!busy && name.trim() !== '') make(name, { onSuccess: () => setName('') });
        }}
      >
        <View gap="$3">
          <Field label={t('account.keyName')} value={name} onChange={setName} />
          <View flexDirection="row">
            <Button submits label={t('account.keyMake')} off={busy || name.trim() === ''} />
          </View>
        </View>
      </form>
      {problem ? (
        <Words accent role="alert">
          {problem}
        </Words>
      ) : null}
    </View>
  );
}
