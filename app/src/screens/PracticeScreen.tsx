import { useQuery, useQueryClient } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useRef, useState } from 'react';
import { call, Refused, sendFile } from '../data/api';
import { CLIENTS_KEY } from '../data/queryClient';
import { useCoach } from '../data/session';
import { useUnsent } from '../data/useFile';
import { KeptGains } from '../outbox/KeptGains';
import { useMadeFile } from '../report/useMadeFile';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { when } from '../words/when';
import { Header } from './Header';

interface Restored {
  readonly made: number;
  readonly known: number;
  readonly erased: number;
}

interface Erased {
  readonly clientId: string;
  readonly erasedOn: string;
  readonly counts: Readonly<Record<string, number>>;
}

/** The practice as a whole: taken out as one archive, put back, and who was erased. */
export function PracticeScreen() {
  const t = useText();
  const { practice } = useCoach();
  const unsent = useUnsent();
  const archive = useMadeFile('/practice/export.zip', 'practice');
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={practice.name} note={t('practice.title')} back="/" />
      <View
        render="main"
        flex={1}
        minHeight={0}
        tabIndex={0}
        style={{ overflowY: 'auto' }}
        padding="$4"
        gap="$6"
        maxWidth={720}
      >
        <View flexDirection="row">
          <Button label={t('outbox.open')} onPress={() => router.push('/outbox')} />
        </View>
        <KeptGains />
        <View gap="$2">
          <Title aria-level={2}>{t('practice.export')}</Title>
          <Words>{t('practice.exportWords')}</Words>
          <View flexDirection="row">
            <Button
              kind="main"
              label={t(archive.busy ? 'leave.making' : 'practice.exportNow')}
              off={archive.busy}
              onPress={archive.save}
            />
          </View>
          {unsent > 0 ? <Words small>{t('leave.unsent')}</Words> : null}
          {archive.state === 'failed' ? (
            <Words accent role="alert">
              {t('leave.failed')}
            </Words>
          ) : null}
        </View>
        <Restore />
        <Erasures />
      </View>
    </View>
  );
}

type RestoreState =
  | { readonly status: 'ready' | 'reading' }
  | { readonly status: 'done'; readonly restored: Restored }
  | { readonly status: 'refused'; readonly words: string };

function Restore() {
  const t = useText();
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [state, setState] = useState<RestoreState>({ status: 'ready' });
  const restore = async (file: File) => {
    setState({ status: 'reading' });
    try {
      const restored = await sendFile<Restored>('/practice/restore', file);
      await client.invalidateQueries();
      await client.refetchQueries({ queryKey: CLIENTS_KEY });
      setState({ status: 'done', restored });
    } catch (error) {
      const words =
        error instanceof Refused
          ? [error.body.message, error.body.path, error.body.hint].filter(Boolean).join(' · ')
          : t('leave.failed');
      setState({ status: 'refused', words });
    }
  };
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('practice.restore')}</Title>
      <Words>{t('practice.restoreWords')}</Words>
      <input
        ref={input}
        type="file"
        accept="application/zip,.zip"
        aria-label={t('practice.archive')}
        hidden
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void restore(file);
        }}
      />
      <View flexDirection="row">
        <Button
          label={t(state.status === 'reading' ? 'practice.reading' : 'practice.choose')}
          off={state.status === 'reading'}
          onPress={() => input.current?.click()}
        />
      </View>
      <View role="status">
        {state.status === 'done' ? (
          <Words>{t('practice.restored', { ...state.restored })}</Words>
        ) : null}
        {state.status === 'refused' ? <Words accent>{state.words}</Words> : null}
      </View>
    </View>
  );
}

function Erasures() {
  const t = useText();
  const query = useQuery({
    queryKey: ['erasures'],
    queryFn: () =>
      call<{ erasures: Erased[] }>('GET', '/erasures').then(({ erasures }) => erasures),
  });
  const rows = query.data ?? [];
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('practice.erased')}</Title>
      {rows.length === 0 ? <Words soft>{t('practice.nobodyErased')}</Words> : null}
      {rows.map(({ clientId, erasedOn, counts }) => (
        <Words key={clientId}>
          {t('practice.erasedLine', {
            id: clientId.slice(0, 8),
            when: when(erasedOn),
            rows: Object.values(counts).reduce((sum, one) => sum + one, 1),
          })}
        </Words>
      ))}
    </View>
  );
}
