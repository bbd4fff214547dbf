import { LEAST_PASSWORD } from '@taxikine/core/records/wire/account';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useCoach } from '../../data/session';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { useChangePassword } from './useChangePassword';

/** The password now, and the one that takes its place. */
export function PasswordForm() {
  const t = useText();
  const { coach } = useCoach();
  const { typed, type, go, busy, problems, ended } = useChangePassword();
  const [shown, setShown] = useState(false);
  const kind = shown ? 'text' : 'password';
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <View gap="$3">
        <Title aria-level={2}>{t('account.password')}</Title>
        {/* Whose password it is, for what keeps passwords. */}
        <input type="text" autoComplete="username" value={coach.email} readOnly hidden />
        <Field
          label={t('account.current')}
          type={kind}
          autoComplete="current-password"
          value={typed.current}
          onChange={(value) => type('current', value)}
          problem={problems.current}
        />
        <Field
          label={t('account.next')}
          type={kind}
          autoComplete="new-password"
          value={typed.next}
          onChange={(value) => type('next', value)}
          problem={problems.next}
          hint={t('account.nextHint', { least: LEAST_PASSWORD })}
        />
        {problems.whole ? (
          <Words accent role="alert">
            {problems.whole}
          </Words>
        ) : null}
        <View flexDirection="row" flexWrap="wrap" gap="$3">
          <Button
            kind="main"
            submits
            label={t(busy ? 'account.changing' : 'account.change')}
            off={busy}
          />
          <Button
            kind="quiet"
            label={t(shown ? 'account.hide' : 'account.show')}
            onPress={() => setShown(!shown)}
          />
        </View>
        <Words role="status">{ended === null ? '' : t('account.changed', { count: ended })}</Words>
      </View>
    </form>
  );
}
