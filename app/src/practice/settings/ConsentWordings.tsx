import { SHIPPED_WORDING, type ConsentWording } from '@taxikine/core/records/wire/settings';
import { useQueryClient } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { call } from '../../data/api';
import { confirmed } from '../../data/confirming';
import { takeWording, useCoach } from '../../data/session';
import { useServerAsk } from '../../data/useServerAsk';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Title, Words } from '../../ui/text';
import { problemWords } from '../../data/problemWords';
import { useText } from '../../words/useText';
import { useWordings, WORDINGS_KEY } from './useWordings';

function useWordConsent(onDone: () => void) {
  const t = useText();
  const client = useQueryClient();
  const wording = useServerAsk(
    (text: string) => confirmed(() => call<ConsentWording>('POST', '/practice/wordings', { text })),
    {
      onSuccess: (made) => {
        takeWording(client, made);
        void client.invalidateQueries({ queryKey: WORDINGS_KEY });
        onDone();
      },
    },
  );
  return {
    send: wording.mutate,
    busy: wording.isPending,
    problem: problemWords(wording.error, t) ?? undefined,
  };
}

/** What clients are asked to agree to, and all that they were asked before. */
export function ConsentWordings() {
  const t = useText();
  const { wording } = useCoach().practice;
  const now = wording?.text ?? SHIPPED_WORDING.text;
  const [text, setText] = useState<string | null>(null);
  const { send, busy, problem } = useWordConsent(() => setText(null));
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('settings.consent')}</Title>
      <Words small soft>
        {t('settings.consentHint')}
      </Words>
      {text === null ? (
        <>
          <Words>{now}</Words>
          <View flexDirection="row">
            <Button label={t('settings.reword')} onPress={() => setText(now)} />
          </View>
        </>
      ) : (
        <>
          <Field
            label={t('settings.consentText')}
            value={text}
            onChange={setText}
            lines={6}
            problem={problem}
          />
          <View flexDirection="row" gap="$2">
            <Button label={t('cancel')} onPress={() => setText(null)} />
            <Button
              kind="main"
              label={t('settings.consentSave')}
              off={busy || text.trim() === now}
              onPress={() => send(text)}
            />
          </View>
        </>
      )}
      <Earlier now={wording?.version ?? null} />
    </View>
  );
}

function Earlier({ now }: { readonly now: string | null }) {
  const t = useText();
  const wordings = useWordings();
  const earlier = wordings.filter(({ version }) => version !== now);
  return earlier.map(({ version, text, madeOn }) => (
    <View key={version} gap="$1" borderTopWidth={1} borderColor="$rule" paddingTop="$2">
      <Words small bold>
        {t('settings.consentWas', { version, since: madeOn.slice(0, 10) })}
      </Words>
      <Words small soft>
        {text}
      </Words>
    </View>
  ));
}
