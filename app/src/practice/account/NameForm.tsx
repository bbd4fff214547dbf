import { useQueryClient } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { call } from '../../data/api';
import { takeName, useCoach } from '../../data/session';
import { useServerAsk } from '../../data/useServerAsk';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Words } from '../../ui/text';
import { problemWords } from '../../data/problemWords';
import { useText } from '../../words/useText';

/** What a coach is called; what they did before is theirs under the new name too. */
export function NameForm() {
  const t = useText();
  const client = useQueryClient();
  const { coach } = useCoach();
  const [name, setName] = useState(coach.name);
  const renaming = useServerAsk(
    (_: void) => call<{ name: string }>('PUT', '/account/name', { name }),
    { onSuccess: (now) => takeName(client, now.name) },
  );
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        renaming.mutate();
      }}
    >
      <View gap="$3">
        <Field
          label={t('account.name')}
          value={name}
          onChange={setName}
          autoComplete="name"
          problem={problemWords(renaming.error, t) ?? undefined}
        />
        <View flexDirection="row">
          <Button
            submits
            label={t('account.rename')}
            off={renaming.isPending || name.trim() === coach.name}
          />
        </View>
        <Words role="status">{renaming.isSuccess ? t('account.renamed') : ''}</Words>
      </View>
    </form>
  );
}
