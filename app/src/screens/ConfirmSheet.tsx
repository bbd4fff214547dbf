import { useMutation } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { call } from '../data/api';
import { confirming } from '../data/confirming';
import { useCoach } from '../data/session';
import { useStore } from '../data/store';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { problemWords } from '../words/problemWords';
import { useText } from '../words/useText';

/** Asks for the password again before something that cannot be undone. */
export function ConfirmSheet() {
  const t = useText();
  const isAsked = useStore(confirming) !== null;
  return (
    <Sheet title={t('confirm.title')} open={isAsked} onClose={() => confirming.end(false)}>
      <Words>{t('confirm.words')}</Words>
      <ConfirmForm />
    </Sheet>
  );
}

function ConfirmForm() {
  const t = useText();
  const { coach } = useCoach();
  const [password, setPassword] = useState('');
  const giving = useMutation({
    networkMode: 'always',
    gcTime: 0,
    mutationFn: (said: string) => call('POST', '/account/confirm', { password: said }),
    onSuccess: () => confirming.end(true),
  });
  const problem = problemWords(giving.error, t);
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!giving.isPending) giving.mutate(password);
      }}
    >
      <View gap="$3">
        {/* Whose password it is, for what keeps passwords. */}
        <input type="text" autoComplete="username" value={coach.email} readOnly hidden />
        <Field
          label={t('confirm.password')}
          type="password"
          autoComplete="current-password"
          value={password}
          onChange={setPassword}
          problem={problem ?? undefined}
        />
        <Button kind="main" submits off={giving.isPending} label={t('confirm.go')} />
      </View>
    </form>
  );
}
