import { openReferrals } from '@taxikine/core/inference/safety/gate';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { NO_WEEK_WISH, type DoseAt } from '@taxikine/core/records/homePlans/homePlan';
import { drillState } from '@taxikine/core/planning/home/homeState';
import { entriesOf } from '@taxikine/core/planning/home/planAtHome';
import { planWeek } from '@taxikine/core/planning/home/planWeek';
import { moveDose, takeAway, isWeekWished } from '@taxikine/core/planning/home/weekWish';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { useFile } from '../data/useFile';
import { TellClient } from '../letters/TellClient';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Words } from '../ui/text';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { today } from '../words/when';
import { CourseStrip } from './CourseStrip';
import { DoseSheet } from './DoseSheet';
import { DrillTimes } from './DrillTimes';
import { EndPlan } from './EndPlan';
import { FromHome, Reports } from './FromHome';
import { HeldNotice } from './HeldNotice';
import { LinkPanel } from './LinkPanel';
import { PlanSettings } from './PlanSettings';
import { useHomePlan, type ChangePlan, type KeptPlan } from './useHomePlan';
import { WeekBoard } from './WeekBoard';
import { stageOfKind, WEEK_KINDS, type WeekKind } from './weekKinds';
import { WeekNotices } from './WeekNotices';
import { PageFrame } from '../frame/PageFrame';
import { Waiting } from '../frame/Waiting';

const PAGE = { gap: '$5', $wide: { padding: '$5' } } as const;

/** A client's week at home: what goes where, why not all of it, and what came back. */
export function HomePlanScreen({ clientId }: { clientId: string }) {
  const file = useFile(clientId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  return <KnownHome file={file.data} />;
}

function KnownHome({ file }: { file: ClientFile }) {
  const t = useText();
  const { plan, session, begin, change, answer } = useHomePlan(file);
  const { client } = file;
  const isHeld = openReferrals(file, null).length > 0;
  return (
    <PageFrame
      title={t('week.title')}
      note={client.name}
      back={`/clients/${client.id}`}
      page={PAGE}
      forReading
    >
      <Reports file={file} answer={answer} />
      {plan ? (
        <Plan key={plan.id} file={file} plan={plan} change={change} />
      ) : (
        <View gap="$3" maxWidth={620}>
          <Words>{t(session ? 'week.none' : 'week.noSession')}</Words>
          {session ? <HeldNotice file={file} visitId={session.visit.id} planId={null} /> : null}
          {isHeld ? (
            <Words bold accent role="alert">
              {t('home.blocked')}
            </Words>
          ) : null}
          {session && !isHeld ? (
            <View flexDirection="row">
              <Button kind="main" label={t('week.begin')} onPress={begin} />
            </View>
          ) : null}
        </View>
      )}
    </PageFrame>
  );
}

interface PlanProps {
  readonly file: ClientFile;
  readonly plan: KeptPlan;
  readonly change: ChangePlan;
}

function Plan({ file, plan, change }: PlanProps) {
  const t = useText();
  const { wide } = useWide();
  const [kind, setKind] = useState<WeekKind>('usual');
  const stage = useMemo(() => stageOfKind(kind, plan), [kind, plan]);
  const week = useMemo(() => planWeek(plan, stage), [plan, stage]);
  const now = today();
  const entries = entriesOf(file, plan);
  const stateOf = (key: string) => drillState(key, entries, plan.answers);
  const planned = week.status === 'planned' ? week : null;
  return (
    <>
      <View gap="$3">
        <View flexDirection="row" flexWrap="wrap" gap="$3" alignItems="center">
          <Choice
            label={t('week.kind')}
            hideLabel
            options={WEEK_KINDS.map((value) => ({ value, label: t(`week.kinds.${value}`) }))}
            value={kind}
            onChange={setKind}
          />
          <Button
            tight
            small
            label={t('handout.open')}
            onPress={() => router.push(`/clients/${plan.clientId}/handout`)}
          />
          {isWeekWished(plan.wish) ? (
            <Button
              kind="quiet"
              tight
              small
              label={t('week.letGo')}
              onPress={() => change(() => ({ wish: NO_WEEK_WISH }))}
            />
          ) : null}
        </View>
        <HeldNotice file={file} visitId={plan.visitId} planId={plan.id} />
        {planned ? (
          <Placed
            plan={plan}
            week={planned}
            stage={stage}
            client={file.client}
            stateOf={stateOf}
            wide={wide}
            change={change}
          />
        ) : (
          <Words bold accent role="alert">
            {t(`week.noRoom.${week.status === 'no-room' ? week.why : ''}`)}
          </Words>
        )}
      </View>
      <View flexDirection={wide ? 'row' : 'column'} gap={wide ? '$7' : '$5'}>
        <View flex={wide ? 1 : undefined} gap="$5" minWidth={0}>
          <FromHome file={file} plan={plan} change={change} today={now} />
          <DrillTimes plan={plan} week={planned} client={file.client} change={change} />
          <CourseStrip plan={plan} today={now} />
        </View>
        <View flex={wide ? 1 : undefined} gap="$5" minWidth={0}>
          <TellClient file={file} plan={plan} />
          <LinkPanel clientId={file.client.id} weeks={plan.weeks} />
          <PlanSettings plan={plan} change={change} />
          <EndPlan file={file} plan={plan} change={change} />
        </View>
      </View>
    </>
  );
}

/** The week itself, with what is said of it, and one dose opened. */
function Placed({
  plan,
  week,
  stage,
  client,
  stateOf,
  wide,
  change,
}: Omit<Parameters<typeof WeekBoard>[0], 'onMove' | 'onOpen'> & { change: ChangePlan }) {
  const [opened, setOpened] = useState<DoseAt | null>(null);
  const move = (from: DoseAt, to: Omit<DoseAt, 'key'>) =>
    change(({ wish }) => ({ wish: moveDose(wish, from, to) }));
  const drill = opened && week.drills.find(({ key }) => key === opened.key);
  return (
    <>
      <WeekNotices plan={plan} week={week} />
      <WeekBoard
        plan={plan}
        week={week}
        stage={stage}
        client={client}
        stateOf={stateOf}
        wide={wide}
        onMove={move}
        onOpen={setOpened}
      />
      {opened && drill ? (
        <DoseSheet
          dose={opened}
          drill={drill}
          plan={plan}
          onMove={(to) => {
            move(opened, to);
            setOpened({ ...opened, ...to });
          }}
          onTakeAway={() => {
            change(({ wish }) => ({ wish: takeAway(wish, opened) }));
            setOpened(null);
          }}
          onClose={() => setOpened(null)}
        />
      ) : null}
    </>
  );
}
