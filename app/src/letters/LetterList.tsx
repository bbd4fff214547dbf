import type { MessageRecord } from '@taxikine/core/records/messages/messageRecord';
import { useInfiniteQuery } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { call } from '../data/api';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { LetterLine } from './LetterLine';

interface LetterPage {
  readonly letters: readonly MessageRecord[];
  readonly names: Readonly<Record<string, string>>;
  readonly next: number | null;
}

const EVERY_MS = 5000;

/** Every letter of the practice, the newest first. */
export function LetterList() {
  const t = useText();
  const query = useInfiniteQuery({
    queryKey: ['letters'],
    queryFn: ({ pageParam }) => call<LetterPage>('GET', `/letters?from=${pageParam}`),
    initialPageParam: 0,
    getNextPageParam: ({ next }) => next,
    refetchInterval: EVERY_MS,
    staleTime: 0,
  });
  const pages = query.data?.pages ?? [];
  const lines = pages.flatMap(({ letters, names }) =>
    letters.map((letter) => ({ letter, name: names[letter.clientId] ?? '' })),
  );
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('outbox.letters')}</Title>
      <Words small soft>
        {t('outbox.lead')}
      </Words>
      {query.isError && pages.length === 0 ? (
        <Words accent role="alert">
          {t('outbox.failedToAsk')}
        </Words>
      ) : null}
      {query.data && lines.length === 0 ? <Words>{t('outbox.none')}</Words> : null}
      {lines.length > 0 ? (
        <View role="list" aria-label={t('outbox.letters')}>
          {lines.map(({ letter, name }) => (
            <LetterLine
              key={letter.id}
              letter={letter}
              title={t('outbox.letterOf', { name, kind: t(`outbox.kinds.${letter.kind}`) })}
            >
              <Button
                kind="quiet"
                tight
                small
                label={t('outbox.openWeek')}
                says={t('outbox.openWeekOf', { name })}
                onPress={() => router.push(`/clients/${letter.clientId}/home`)}
              />
            </LetterLine>
          ))}
        </View>
      ) : null}
      {query.hasNextPage ? (
        <View flexDirection="row">
          <Button tight label={t('outbox.more')} onPress={() => void query.fetchNextPage()} />
        </View>
      ) : null}
    </View>
  );
}
