import { useQuery } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { call } from '../data/api';
import { useCoach, useIsOwner } from '../data/session';
import { useUnsent } from '../data/useFile';
import { Restore } from '../client/leave/Restore';
import { KeptGains } from '../letters/KeptGains';
import { People } from './people/People';
import { useMadeFile } from '../data/useMadeFile';
import { ConsentWordings } from './settings/ConsentWordings';
import { PracticeNorms } from './settings/PracticeNorms';
import { Settings } from './settings/Settings';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import '../words/houseWords';
import { useText } from '../words/useText';
import { when } from '../words/when';
import { PageFrame, WORDS_PAGE } from '../frame/PageFrame';

/** Who is of it and what it has kept; beside that, at a desk, what holds in it. */
const HOUSE_PAGE = { ...WORDS_PAGE, maxWidth: 1240 } as const;
const COLUMN = { flex: 1, minWidth: 0, maxWidth: 580 } as const;

interface Erased {
  readonly clientId: string;
  readonly erasedOn: string;
  readonly counts: Readonly<Record<string, number>>;
}

/** The practice as a whole: who is of it, taken out as one archive, put back, and who was erased. */
export function PracticeScreen() {
  const t = useText();
  const { practice } = useCoach();
  const isOwner = useIsOwner();
  return (
    <PageFrame
      title={practice.name}
      note={t('practice.title')}
      back="/"
      page={HOUSE_PAGE}
      forReading
    >
      <View flexDirection="row">
        <Button label={t('outbox.open')} onPress={() => router.push('/outbox')} />
      </View>
      <View gap="$6" $wide={{ flexDirection: 'row', gap: '$7' }}>
        <View gap="$6" $wide={COLUMN}>
          {isOwner ? <People /> : <Words>{t('people.ownerOnly')}</Words>}
          <KeptGains />
          {isOwner ? (
            <>
              <Export />
              <Restore />
            </>
          ) : null}
          <Erasures />
        </View>
        {isOwner ? (
          <View gap="$6" $wide={COLUMN}>
            <Settings />
            <PracticeNorms />
            <ConsentWordings />
          </View>
        ) : null}
      </View>
    </PageFrame>
  );
}

/** All of the practice as one file. */
function Export() {
  const t = useText();
  const unsent = useUnsent();
  const archive = useMadeFile('/practice/export.zip', 'practice');
  return (
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
