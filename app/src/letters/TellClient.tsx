import type { MessageRecord } from '@taxikine/core/records/messages/messageRecord';
import { whyUnsent } from '@taxikine/core/reading/due/whyUnsent';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { HomePlanRecord } from '@taxikine/core/records/homePlans/homePlanRecord';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { fileKey } from '../data/queryClient';
import { useCreate } from '../data/useFile';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { LetterLine } from './LetterLine';
import { NOTHING_SENT } from '@taxikine/core/records/messages/nothingSent';

/** So many letters are shown beside the plan; all of them are in the outbox. */
const MOST_SHOWN = 3;
const LOOK_AGAIN_MS = 3000;

/** While a letter waits, what became of it is looked up again. */
function useNews(clientId: string, letters: readonly MessageRecord[]): void {
  const client = useQueryClient();
  const isWaiting = letters.some(({ delivery }) => !delivery);
  useEffect(() => {
    if (!isWaiting) return undefined;
    const timer = setInterval(
      () => void client.invalidateQueries({ queryKey: fileKey(clientId) }),
      LOOK_AGAIN_MS,
    );
    return () => clearInterval(timer);
  }, [client, clientId, isWaiting]);
}

/** A letter to the client that the plan is ready, and what became of earlier ones. */
export function TellClient({ file, plan }: { file: ClientFile; plan: HomePlanRecord }) {
  const t = useText();
  const create = useCreate();
  const { client } = file;
  const letters = [...file.messages].sort((a, b) => b.askedOn.localeCompare(a.askedOn));
  useNews(client.id, letters);
  const about = { kind: 'plan-ready', planId: plan.id, dueOn: null } as const;
  const why = whyUnsent(file, about);
  // One letter a plan waits at a time: a second press asks for nothing more.
  const isAsked = letters.some(({ planId, delivery }) => planId === plan.id && !delivery);
  const tell = () =>
    create('messages', {
      ...NOTHING_SENT,
      id: crypto.randomUUID(),
      clientId: client.id,
      ...about,
      askedOn: new Date().toISOString(),
    });
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('outbox.contact')}
      </Title>
      {why === null ? (
        <>
          <Words small soft>
            {t('outbox.tellLead', { to: client.contact?.email ?? '' })}
          </Words>
          <View flexDirection="row">
            <Button tight label={t('outbox.tell')} off={isAsked} onPress={tell} />
          </View>
        </>
      ) : (
        <WhyNot clientId={client.id} why={why} />
      )}
      {letters.length > 0 ? (
        <View role="list" aria-label={t('outbox.told')}>
          {letters.slice(0, MOST_SHOWN).map((letter) => (
            <LetterLine key={letter.id} letter={letter} title={t(`outbox.kinds.${letter.kind}`)} />
          ))}
        </View>
      ) : null}
    </View>
  );
}

function WhyNot({ clientId, why }: { clientId: string; why: string }) {
  const t = useText();
  if (why !== 'no-address')
    return <Words small>{t('outbox.whyNot', { why: t(`outbox.unsent.${why}`) })}</Words>;
  return (
    <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
      <Words small>{t('outbox.noAddress')}</Words>
      <Button
        tight
        small
        label={t('outbox.addAddress')}
        onPress={() => router.push(`/clients/${clientId}/edit`)}
      />
    </View>
  );
}
