import type { SeenMoment } from '@taxikine/core/reading/figure/lookSkeleton';
import { rivalsOf } from '@taxikine/core/planning/asking/rivals';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { boardOf } from '@taxikine/core/reading/visit/threads';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import { verdictsOf } from '@taxikine/core/inference/visit/verdicts';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { useFile } from '../../data/useFile';
import { useTrace, useVisit, type OpenVisit } from '../../data/useVisit';
import { Figure } from '../../figure/Figure';
import { setupWords } from '../steps/setupWords';
import { Board } from './Board';
import { boardMarks } from './boardMarks';
import { ThreadList } from './ThreadList';
import { CauseActions } from '../trace/CauseActions';
import { CauseCard } from '../trace/CauseCard';
import { useNextChecks } from '../trace/useNextChecks';
import { useReasons } from '../trace/useReasons';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useWide } from '../../ui/useWide';
import { useText } from '../../words/useText';
import { when } from '../../words/when';
import { Header } from '../../frame/Header';
import { NotThere } from '../../frame/NotThere';
import { Waiting } from '../../frame/Waiting';

/** The whole thread of one visit at once: Look, Trace, Work, Look again. */
export function BoardScreen({ clientId, visitId }: { clientId: string; visitId: string }) {
  const file = useFile(clientId);
  const open = useVisit(file.data, visitId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  return open ? <OpenBoard open={open} /> : <NotThere />;
}

/** What was chosen on a long board is read below it: it comes into view by itself. */
const intoView = (element: unknown): void =>
  (element as HTMLElement | null)?.scrollIntoView({ block: 'nearest' });

function OpenBoard({ open }: { open: OpenVisit }) {
  const t = useText();
  const { wide, width } = useWide();
  const { visit } = open;
  const found = useTrace(visit);
  const verdicts = useMemo(() => verdictsOf(visit), [visit]);
  const board = useMemo(() => (found ? boardOf(visit, found) : null), [visit, found]);
  const marks = boardMarks(found, verdicts);
  const { client } = visit;
  const [read, setRead] = useState<string | null>(null);
  const next = useNextChecks(visit);
  const why = useReasons(useMemo(() => caseFileOf(visit), [visit]));
  const cause = found?.causes.find(({ key }) => key === read);
  const atBottom = ({ faults }: LookRecord): SeenMoment => ({
    pattern: visit.visit.pattern,
    phase: 'bottom',
    faults,
  });
  const figure = (look: LookRecord | null, before?: LookRecord | null): ReactNode =>
    look ? (
      <Figure
        client={client}
        setup={look.setup}
        moment={atBottom(look)}
        before={before ? atBottom(before) : undefined}
        view={visit.visit.pattern === 'squat' ? 'back' : 'side'}
        width={200}
        height={190}
        label={setupWords(look.setup, t)}
      />
    ) : null;
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header
        title={client.name}
        note={`${client.about} · ${t(`patterns.${visit.visit.pattern}`).toLowerCase()} · ${when(visit.visit.openedOn)}`}
        back={`/clients/${client.id}`}
      >
        <Button
          label={
            wide
              ? t('board.goTo', { step: t(`steps.${visit.visit.step}`) })
              : t(`steps.${visit.visit.step}`)
          }
          tight
          onPress={() => router.push(`/clients/${client.id}/visits/${visit.visit.id}`)}
        />
      </Header>
      <View
        render="main"
        tabIndex={0}
        flex={1}
        minHeight={0}
        padding="$5"
        gap="$4"
        style={{ overflow: 'auto' }}
      >
        {board && wide ? (
          <Board
            board={board}
            width={width - 52}
            onRead={setRead}
            heads={{ look: figure(visit.first), again: figure(visit.again, visit.first) }}
            {...marks}
          />
        ) : null}
        {found && cause ? (
          <View maxWidth={860} ref={intoView}>
            <CauseCard
              cause={cause}
              why={why?.get(cause.key) ?? null}
              rivals={rivalsOf(found, cause, next?.ranked ?? [])}
              actions={<CauseActions cause={cause} visit={visit.visit} />}
            />
          </View>
        ) : null}
        {board && !wide ? <ThreadList board={board} {...marks} /> : null}
        <Words small soft>
          {t('board.hint')}
        </Words>
      </View>
    </View>
  );
}
