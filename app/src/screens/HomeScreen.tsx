import { oneFault, USUAL_SETUP, type LooseEnd, type View as LookView } from '@taxikine/core';
import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import BookOpen from 'lucide-react-native/icons/book-open';
import LogOut from 'lucide-react-native/icons/log-out';
import Moon from 'lucide-react-native/icons/moon';
import Sun from 'lucide-react-native/icons/sun';
import type { ReactNode } from 'react';
import Svg, { Circle, Path } from 'react-native-svg';
import { remember, SESSION_KEY, signOut, useCoach } from '../data/session';
import { useClients, type ClientLine } from '../data/useFile';
import { Figure } from '../figure/Figure';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { chooseScheme, useScheme } from '../ui/useScheme';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { when } from '../words/when';
import { Header } from './Header';
import { Waiting } from './Waiting';

const ORDER: readonly LooseEnd['kind'][] = ['mid-visit', 'blocked', 'not-retested', 'look-due'];

/** Home is the list of loose ends. */
export function HomeScreen() {
  const t = useText();
  const clients = useClients();
  const { wide } = useWide();
  const { practice } = useCoach();
  if (!clients.data)
    return <Waiting error={clients.error} onRetry={() => void clients.refetch()} />;
  const loose = clients.data
    .filter((line) => line.looseEnd)
    .sort((a, b) => ORDER.indexOf(a.looseEnd!.kind) - ORDER.indexOf(b.looseEnd!.kind));
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={practice.name}>
        <LibraryButton />
        <SchemeButton />
        <SignOutButton />
      </Header>
      <View
        render="main"
        flex={1}
        minHeight={0}
        style={{ overflowY: 'auto' }}
        padding="$4"
        $wide={{ padding: '$6' }}
      >
        <View
          flexDirection={wide ? 'row' : 'column'}
          gap={wide ? '$7' : '$6'}
          alignItems="flex-start"
        >
          <View gap="$2" flex={wide ? 3 : undefined} width="100%">
            <Title big aria-level={2}>
              {t('home.title')}
            </Title>
            {loose.length === 0 ? <Words soft>{t('home.none')}</Words> : null}
            {loose.map((line) => (
              <LooseEndRow key={line.client.id} line={line} end={line.looseEnd!} />
            ))}
          </View>
          <View gap="$2" flex={wide ? 2 : undefined} width="100%">
            <View flexDirection="row" justifyContent="space-between" alignItems="center">
              <Title aria-level={2}>{t('home.clients')}</Title>
              <Button label={t('home.newClient')} onPress={() => router.push('/clients/new')} />
            </View>
            {clients.data.length === 0 ? <Words soft>{t('home.noClients')}</Words> : null}
            {clients.data.map((line) => (
              <Button
                key={line.client.id}
                left
                kind="quiet"
                label={line.client.name}
                note={`${line.client.about} · ${line.lastVisitOn ? t('client.since', { when: when(line.lastVisitOn) }) : t('home.noVisit')}`}
                onPress={() => router.push(`/clients/${line.client.id}`)}
              />
            ))}
          </View>
        </View>
      </View>
    </View>
  );
}

/** The view from which most of what was seen last can be seen. */
function viewOf({ lastLook }: ClientLine): LookView {
  const frontal = (lastLook?.faults ?? []).filter(
    (fault) => !oneFault(fault.fault).views.includes('side'),
  );
  return frontal.length * 2 > (lastLook?.faults.length ?? 0) ? 'back' : 'side';
}

/** A client whose thread hangs loose: the figure, what hangs, and since when. */
function LooseEndRow({ line, end }: { line: ClientLine; end: LooseEnd }) {
  const t = useText();
  const palette = usePalette();
  const target =
    end.kind === 'look-due'
      ? `/clients/${end.clientId}`
      : `/clients/${end.clientId}/visits/${end.visitId}`;
  return (
    <button
      type="button"
      onClick={() => router.push(target as never)}
      style={{
        display: 'flex',
        alignItems: 'center',
        gap: 12,
        width: '100%',
        textAlign: 'left',
        background: 'transparent',
        border: 'none',
        borderTop: `1px solid ${palette.rule}`,
        padding: '10px 0',
        cursor: 'pointer',
      }}
    >
      <Figure
        client={line.client}
        setup={line.lastLook?.setup ?? USUAL_SETUP}
        moment={{
          pattern: line.lastPattern ?? 'squat',
          phase: 'bottom',
          faults: line.lastLook?.faults ?? [],
        }}
        view={viewOf(line)}
        width={78}
        height={78}
        label=""
      />
      <View flex={1} minWidth={0}>
        <Title small aria-level={3}>
          {line.client.name}
        </Title>
        <Words>{t(`home.${end.kind}`, { step: t(`steps.${end.step}`) })}</Words>
        <Words small soft>
          {when(end.since)}
        </Words>
      </View>
      <Svg width={58} height={50} aria-hidden>
        <Path
          d="M0 30H22C44 30 50 8 36 8C27 8 27 19 35 20"
          fill="none"
          stroke={end.kind === 'blocked' ? palette.ink : palette.accent}
          strokeWidth={4}
          strokeLinecap="round"
          strokeDasharray={end.kind === 'blocked' ? '3 8' : undefined}
        />
        <Circle cx={8} cy={30} r={7} fill={palette.paper} stroke={palette.ink} strokeWidth={2.5} />
      </Svg>
    </button>
  );
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
  const leave = async () => {
    await signOut().catch(() => remember(null));
    client.setQueryData(SESSION_KEY, null);
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== SESSION_KEY[0] });
  };
  return (
    <IconButton says={t('signIn.out')} onPress={() => void leave()}>
      <LogOut size={22} color={palette.ink} />
    </IconButton>
  );
}
