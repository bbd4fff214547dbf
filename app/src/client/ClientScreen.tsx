import { oneCause } from '@taxikine/core/knowledge/causes';
import { FLAGS } from '@taxikine/core/knowledge/flags';
import { KIT } from '@taxikine/core/knowledge/kit';
import { PATTERNS, type Pattern } from '@taxikine/core/body/stance/patterns';
import { WEEKDAYS } from '@taxikine/core/foundation/time/weekdays';
import { maybeTrace } from '@taxikine/core/inference/trace/maybeTrace';
import { NOTHING_HELD } from '@taxikine/core/records/visits/nothingHeld';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import { lessonsOf } from '@taxikine/core/inference/case/lessons';
import type { Versioned } from '@taxikine/core/records/versioned';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { VisitRecord } from '@taxikine/core/records/visits/visitRecord';
import { boardOf } from '@taxikine/core/reading/visit/threads';
import { verdictsOf } from '@taxikine/core/inference/visit/verdicts';
import { maybeVisitFile } from '@taxikine/core/inference/case/visitFile';
import { visitPart } from '@taxikine/core/inference/visit/visitPart';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { ClientBones } from '../bones/ClientBones';
import { useFile, useCreate } from '../data/useFile';
import { ClientLadders } from '../visit/ladder/ClientLadders';
import { KeepingPanel } from './keeping/KeepingPanel';
import { LeavePanel } from './leave/LeavePanel';
import { givenWords, historyWords } from './meet/toldWords';
import { oneByOneWhenIdle } from '../parts/whenIdle';
import { Board } from '../visit/thread/Board';
import { boardMarks } from '../visit/thread/boardMarks';
import { ThreadList } from '../visit/thread/ThreadList';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Title, Words } from '../ui/text';
import { useWide } from '../ui/useWide';
import { useText, type TextOf } from '../words/useText';
import { when } from '../words/when';
import { Header } from '../frame/Header';
import { Trends, Visit, Week } from '../shell/lazyScreens';
import { Waiting } from '../frame/Waiting';
import { ours } from '../words/units';

const newestFirst = <Visit extends VisitRecord>(visits: readonly Visit[]): Visit[] =>
  [...visits].sort((a, b) => b.openedOn.localeCompare(a.openedOn));

/** One client: what they bring, what was done, and the thread of the last visit. */
export function ClientScreen({ clientId }: { clientId: string }) {
  const file = useFile(clientId);
  useEffect(() => oneByOneWhenIdle([Visit.prefetch, Week.prefetch, Trends.prefetch]), []);
  if (!file.data)
    return (
      <Waiting error={file.error} onRetry={() => void file.refetch()} bones={<ClientBones />} />
    );
  return <KnownClient file={file.data} />;
}

function useStartVisit(clientId: string): (pattern: Pattern) => void {
  const create = useCreate();
  return (pattern) => {
    const id = crypto.randomUUID();
    create('visits', {
      id,
      clientId,
      pattern,
      openedOn: new Date().toISOString(),
      closedOn: null,
      step: 'ask',
      asks: [],
      minutes: 12,
      next: 'training',
      ...NOTHING_HELD,
    });
    router.push(`/clients/${clientId}/visits/${id}`);
  };
}

function KnownClient({ file }: { file: ClientFile }) {
  const t = useText();
  const { client } = file;
  const start = useStartVisit(client.id);
  const visits = newestFirst(file.visits);
  const [pattern, setPattern] = useState<Pattern>(visits[0]?.pattern ?? 'squat');
  const unfinished = visits.find((visit) => !visit.closedOn);
  const open = (visit: VisitRecord) => router.push(`/clients/${client.id}/visits/${visit.id}`);
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={client.name} note={client.about} back="/" />
      <View
        render="main"
        flex={1}
        minHeight={0}
        style={{ overflowY: 'auto' }}
        padding="$4"
        gap="$5"
        $wide={{ padding: '$6' }}
      >
        <View gap="$2">
          {factsOf(file, t).map((fact) => (
            <Words key={fact}>{fact}</Words>
          ))}
          {client.consent ? null : <Words accent>{t('client.consentMissing')}</Words>}
        </View>
        <Choice
          label={t('client.pattern')}
          hideLabel
          options={PATTERNS.map((value) => ({ value, label: t(`patterns.${value}`) }))}
          value={pattern}
          onChange={setPattern}
        />
        <View flexDirection="row" flexWrap="wrap" gap="$3">
          {unfinished ? (
            <Button
              kind="main"
              label={t('client.goOn', { step: t(`steps.${unfinished.step}`) })}
              onPress={() => open(unfinished)}
            />
          ) : null}
          <Button
            kind={unfinished ? 'plain' : 'main'}
            label={t('client.startVisit', { pattern: t(`patterns.${pattern}`).toLowerCase() })}
            onPress={() => start(pattern)}
          />
          <Button
            label={t('week.open')}
            onPress={() => router.push(`/clients/${client.id}/home`)}
          />
          <Button
            label={t('trend.open')}
            onPress={() => router.push(`/clients/${client.id}/trends`)}
          />
          <Button label={t('fit.open')} onPress={() => router.push(`/clients/${client.id}/fit`)} />
          <Button
            kind="quiet"
            label={t('client.edit')}
            onPress={() => router.push(`/clients/${client.id}/edit`)}
          />
        </View>
        <LastThread file={file} />
        <ClientLadders file={file} />
        <View gap="$1">
          <Title small aria-level={2}>
            {t('client.visits')}
          </Title>
          <VisitList file={file} visits={visits} onOpen={open} />
        </View>
        <KeepingPanel clientId={client.id} />
        <LeavePanel file={file} />
      </View>
    </View>
  );
}

/** So many visits are told at once, the newest first. */
const VISITS_AT_ONCE = 8;

function VisitList({
  file,
  visits,
  onOpen,
}: {
  file: ClientFile;
  visits: readonly Versioned<VisitRecord>[];
  onOpen: (visit: VisitRecord) => void;
}) {
  const t = useText();
  const [count, setCount] = useState(VISITS_AT_ONCE);
  const older = visits.length - count;
  if (visits.length === 0) return <Words soft>{t('client.noVisits')}</Words>;
  return (
    <>
      {visits.slice(0, count).map((visit) => (
        <Button
          key={visit.id}
          left
          kind="quiet"
          label={`${t(`patterns.${visit.pattern}`)}, ${when(visit.openedOn)}`}
          note={visitNote(file, visit, t)}
          onPress={() => onOpen(visit)}
        />
      ))}
      {older > 0 ? (
        <Button
          left
          label={t('client.olderVisits', { count: older })}
          onPress={() => setCount(count + 3 * VISITS_AT_ONCE)}
        />
      ) : null}
    </>
  );
}

/** Where a visit stands, and what it taught. */
function visitNote(file: ClientFile, visit: Versioned<VisitRecord>, t: TextOf): string {
  const stands = visit.closedOn
    ? t('verdict.closed')
    : t('home.mid-visit', { step: t(`steps.${visit.step}`) });
  const taught = lessonsOf(visitPart(file, visit)).map(
    ({ cause, side, outcome }) =>
      `${fillSide(oneCause(cause).sentence, side)}: ${t(`trace.learned.${outcome}`)}`,
  );
  return [stands, ...taught].join(' · ');
}

/** What is known about the client, a line each. */
function factsOf({ client }: ClientFile, t: TextOf): string[] {
  const history = client.history.map((item) => historyWords(item, t));
  const flags = client.flags
    .map((flag) => FLAGS.find((row) => row.id === flag)!)
    .map((row) => `${row.name}: ${row.note}`);
  return [
    ours(`${client.heightM.toFixed(2)} m · ${client.massKg} kg`),
    ...(client.goal ? [`${t('meet.goal')}: ${client.goal}`] : []),
    ...(history.length > 0 ? [history.join(' · ')] : []),
    ...client.given.map((one) => givenWords(one, t)),
    ...homeFact(client, t),
    ...flags,
  ];
}

/** "at home 12 min, Mon Wed Fri · Mat · Band", as far as it was asked. */
function homeFact({ home }: ClientFile['client'], t: TextOf): string[] {
  const days =
    home.days.length === WEEKDAYS.length
      ? t('meet.everyDay')
      : WEEKDAYS.filter((day) => home.days.includes(day))
          .map((day) => t(`weekdays.${day}`))
          .join(' ');
  const kit = KIT.filter(({ id }) => home.kit.includes(id)).map(({ name }) => name.toLowerCase());
  const when =
    home.minutes === null
      ? days && t('meet.homeDaysOnly', { days })
      : t('meet.homeFact', { minutes: home.minutes, days: days || t('meet.someDays') });
  const facts = [when, ...kit].filter(Boolean);
  return facts.length > 0 ? [facts.join(' · ')] : [];
}

/** The last visit in which something was seen, traced; null before there is one. */
function lastTraced(file: ClientFile) {
  for (const visit of newestFirst(file.visits)) {
    const found = maybeVisitFile(file, visit.id);
    if (!found?.first || found.first.faults.length === 0) continue;
    const traced = maybeTrace(caseFileOf(found));
    if (!traced) continue;
    return { visit, board: boardOf(found, traced), marks: boardMarks(traced, verdictsOf(found)) };
  }
  return null;
}

/** The thread of the last visit in which something was seen. */
function LastThread({ file }: { file: ClientFile }) {
  const t = useText();
  const { wide, width } = useWide();
  const shown = useMemo(() => lastTraced(file), [file]);
  if (!shown) return null;
  return (
    <View gap="$3">
      <View
        flexDirection="row"
        justifyContent="space-between"
        alignItems="center"
        gap="$3"
        flexWrap="wrap"
      >
        <Title small aria-level={2}>
          {t('client.thread')} · {when(shown.visit.openedOn)}
        </Title>
        <View flexDirection="row" gap="$2">
          <Button
            kind="quiet"
            tight
            label={t('report.open')}
            onPress={() =>
              router.push(`/clients/${file.client.id}/visits/${shown.visit.id}/report`)
            }
          />
          <Button
            kind="quiet"
            tight
            label={t('client.openBoard')}
            onPress={() => router.push(`/clients/${file.client.id}/visits/${shown.visit.id}/board`)}
          />
        </View>
      </View>
      {wide ? (
        <Board board={shown.board} width={width - 72} {...shown.marks} />
      ) : (
        <ThreadList board={shown.board} {...shown.marks} />
      )}
    </View>
  );
}
