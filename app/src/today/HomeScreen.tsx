import type { ClientLine } from '@taxikine/core/reading/today/clientLine';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import BookOpen from 'lucide-react-native/icons/book-open';
import UserRound from 'lucide-react-native/icons/user-round';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { TodayBones } from '../bones/TodayBones';
import { useCoach } from '../data/session';
import { StuckNotice } from '../letters/StuckNotice';
import { oneByOneWhenIdle } from '../parts/whenIdle';
import { ClientRow } from './ClientRow';
import { ClientsHead, FindField } from './FindClients';
import { LooseEndRow } from './LooseEndRow';
import { useClientList, type ListOf } from './useClientList';
import { VirtualRows, type VirtualRow } from './VirtualRows';
import { IconButton } from '../ui/IconButton';
import { Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useRested } from '../ui/useRested';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { Header } from '../frame/Header';
import { HouseSheet } from '../practice/HouseSheet';
import { Client, Visit } from '../shell/lazyScreens';
import { Waiting } from '../frame/Waiting';

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
        <HouseButton />
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

function Nobody({ isSearched }: { isSearched: boolean }) {
  const t = useText();
  return <Words soft>{t(isSearched ? 'home.notFound' : 'home.noClients')}</Words>;
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

/** What is of the coach and the practice, and of no client. */
function HouseButton() {
  const t = useText();
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  return (
    <>
      <IconButton says={t('home.house')} onPress={() => setOpen(true)}>
        <UserRound size={22} color={palette.ink} />
      </IconButton>
      {open ? <HouseSheet onClose={() => setOpen(false)} /> : null}
    </>
  );
}
