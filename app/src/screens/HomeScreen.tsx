import type { ClientLine } from '@taxikine/core/today/clientLine';
import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import BookOpen from 'lucide-react-native/icons/book-open';
import LogOut from 'lucide-react-native/icons/log-out';
import Moon from 'lucide-react-native/icons/moon';
import Sun from 'lucide-react-native/icons/sun';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { TodayBones } from '../bones/TodayBones';
import { SESSION_KEY, signOut, useCoach } from '../data/session';
import { StuckNotice } from '../outbox/StuckNotice';
import { oneByOneWhenIdle } from '../parts/whenIdle';
import { ClientRow } from '../today/ClientRow';
import { ClientsHead, FindField } from '../today/FindClients';
import { LooseEndRow } from '../today/LooseEndRow';
import { useClientList, type ListOf } from '../today/useClientList';
import { VirtualRows, type VirtualRow } from '../today/VirtualRows';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useRested } from '../ui/useRested';
import { chooseScheme, useScheme } from '../ui/useScheme';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { Header } from './Header';
import { Client, Visit } from './lazyScreens';
import { Waiting } from './Waiting';

const WAITING: ListOf = { sort: 'urgency', filter: 'waiting', search: '' };
const EVERYBODY: ListOf = { sort: 'name', filter: 'all', search: '' };
/** A search goes out when typing has paused. */
const PAUSE_MS = 250;

/** The coach's day: pain from home first, then what hangs loose, then who is due; and everybody beside it. */
export function HomeScreen() {
  const t = useText();
  const { practice } = useCoach();
  const { wide } = useWide();
  const [list, setList] = useState(EVERYBODY);
  const waiting = useClientList(WAITING);
  const everybody = useClientList(useRested(list, PAUSE_MS));
  useEffect(() => oneByOneWhenIdle([Client.prefetch, Visit.prefetch]), []);
  const { more: moreWaiting } = waiting;
  const { more: moreClients } = everybody;
  const isSearched = list.search.trim() !== '';
  const looseRows = useMemo(
    () => (waiting.lines ? looseRowsOf(waiting.lines) : []),
    [waiting.lines],
  );
  const clientRows = useMemo(
    () => [
      headRow('head', 120, () => <ClientsHead list={list} onList={setList} />),
      ...clientRowsOf(everybody.lines ?? [], isSearched),
      headRow('house', 110, () => <HouseButtons />),
    ],
    [everybody.lines, list, isSearched],
  );
  const find = headRow('find', 90, () => (
    <View paddingBottom="$3">
      <FindField list={list} onList={setList} />
    </View>
  ));
  const moreBoth = useCallback(() => {
    moreWaiting();
    moreClients();
  }, [moreWaiting, moreClients]);
  if (!waiting.lines)
    return (
      <Waiting
        error={waiting.error ?? everybody.error}
        onRetry={waiting.refetch}
        bones={<TodayBones />}
      />
    );
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={practice.name}>
        <LibraryButton />
        <SchemeButton />
        <SignOutButton />
      </Header>
      <View render="main" flex={1} minHeight={0} flexDirection="row">
        {wide ? (
          <>
            <View flex={3} minWidth={0}>
              <VirtualRows
                label={t('home.title')}
                rows={looseRows}
                onEnd={moreWaiting}
                padding={28}
              />
            </View>
            <View flex={2} minWidth={0}>
              <VirtualRows
                label={t('home.clients')}
                rows={[find, ...clientRows]}
                onEnd={moreClients}
                padding={28}
              />
            </View>
          </>
        ) : (
          <View flex={1} minWidth={0}>
            <VirtualRows
              label={t('home.title')}
              // Found before anything else: under the thumb however many ends hang loose.
              rows={isSearched ? [find, ...clientRows] : [find, ...looseRows, ...clientRows]}
              onEnd={moreBoth}
              padding={16}
            />
          </View>
        )}
      </View>
    </View>
  );
}

const headRow = (key: string, height: number, render: () => ReactNode): VirtualRow => ({
  key,
  height,
  render,
});

function looseRowsOf(lines: readonly ClientLine[]): VirtualRow[] {
  return [
    headRow('loose', 60, () => <LooseHead none={lines.length === 0} />),
    ...lines.map((line) => ({
      key: `loose ${line.client.id}`,
      height: 100,
      render: () => <LooseEndRow line={line} />,
    })),
  ];
}

function clientRowsOf(lines: readonly ClientLine[], isSearched: boolean): VirtualRow[] {
  if (lines.length === 0) return [headRow('nobody', 40, () => <Nobody isSearched={isSearched} />)];
  return lines.map((line) => ({
    key: line.client.id,
    height: 62,
    render: () => <ClientRow line={line} />,
  }));
}

function LooseHead({ none }: { none: boolean }) {
  const t = useText();
  return (
    <View paddingBottom="$2" gap="$1">
      <Title big aria-level={2}>
        {t('home.title')}
      </Title>
      {none ? <Words soft>{t('home.none')}</Words> : null}
      <StuckNotice />
    </View>
  );
}

/** Behind the last of them: the practice as a whole, and the coach's own account. */
function HouseButtons() {
  const t = useText();
  return (
    <View borderTopWidth={1} borderColor="$rule" paddingTop="$2" alignItems="flex-start">
      <Button
        kind="quiet"
        left
        label={t('practice.open')}
        onPress={() => router.push('/practice')}
      />
      <Button kind="quiet" left label={t('home.account')} onPress={() => router.push('/account')} />
    </View>
  );
}

function Nobody({ isSearched }: { isSearched: boolean }) {
  const t = useText();
  return <Words soft>{t(isSearched ? 'home.notFound' : 'home.noClients')}</Words>;
}

/** A square of the header with one sign in it. */
function IconButton({
  says,
  onPress,
  children,
}: {
  says: string;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={says}
      onClick={onPress}
      style={{
        width: 48,
        height: 48,
        background: 'transparent',
        border: 'none',
        cursor: 'pointer',
      }}
    >
      {children}
    </button>
  );
}

function LibraryButton() {
  const t = useText();
  const palette = usePalette();
  return (
    <IconButton says={t('drills.open')} onPress={() => router.push('/library')}>
      <BookOpen size={22} color={palette.ink} />
    </IconButton>
  );
}

function SchemeButton() {
  const t = useText();
  const palette = usePalette();
  const scheme = useScheme();
  const other = scheme === 'light' ? 'dark' : 'light';
  const Sign = scheme === 'light' ? Moon : Sun;
  return (
    <IconButton says={t('theme.says')} onPress={() => chooseScheme(other)}>
      <Sign size={22} color={palette.ink} />
    </IconButton>
  );
}

function SignOutButton() {
  const t = useText();
  const palette = usePalette();
  const client = useQueryClient();
  const leave = () => {
    signOut();
    client.setQueryData(SESSION_KEY, null);
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== SESSION_KEY[0] });
  };
  return (
    <IconButton says={t('signIn.out')} onPress={leave}>
      <LogOut size={22} color={palette.ink} />
    </IconButton>
  );
}
