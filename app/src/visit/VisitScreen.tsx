import { STEPS, type Step } from '@taxikine/core/records/visits/visitRecord';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useEffect } from 'react';
import { VisitBones } from '../bones/VisitBones';
import { useFile, useUpdate } from '../data/useFile';
import { useVisit, type OpenVisit } from '../data/useVisit';
import { oneByOneWhenIdle } from '../parts/whenIdle';
import { readyRecordingWorker } from '../measure/recording/recordingWorker';
import { STEP_SCREENS } from './steps/stepScreens';
import { Rail } from './thread/Rail';
import { Button } from '../ui/Button';
import { traceWorker } from './trace/traceWorker';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { Header } from '../frame/Header';
import { NotThere } from '../frame/NotThere';
import { Waiting } from '../frame/Waiting';

/** Steps that already hold something. */
function doneSteps({ visit, gate }: OpenVisit): Set<Step> {
  const { first, again, probes, checks, drills } = visit;
  const held: Record<Step, boolean> = {
    ask: gate.status === 'open',
    setup: first !== null,
    look: (first?.faults.length ?? 0) + (first?.clear.length ?? 0) > 0,
    probe: probes.length > 0,
    check: checks.some((one) => one.role === 'first'),
    trace: drills.length > 0,
    work: drills.some((one) => one.status === 'done'),
    again: again !== null,
    verdict: visit.visit.closedOn !== null,
  };
  return new Set(STEPS.filter((step) => held[step]));
}

/** A visit, step by step, on the thread. */
export function VisitScreen({ clientId, visitId }: { clientId: string; visitId: string }) {
  const file = useFile(clientId);
  const open = useVisit(file.data, visitId);
  if (!file.data)
    return (
      <Waiting error={file.error} onRetry={() => void file.refetch()} bones={<VisitBones />} />
    );
  return open ? <OpenVisitScreen open={open} /> : <NotThere />;
}

function readyWorkers(): void {
  void traceWorker();
  readyRecordingWorker();
}

/** Until the safety questions are answered, every way leads back to them. */
const allowed = (step: Step, { gate, visit }: OpenVisit): Step =>
  gate.status === 'unasked' && gate.because === 'new-visit' && visit.first === null
    ? 'ask'
    : gate.status === 'no-consent'
      ? 'ask'
      : step;

function OpenVisitScreen({ open }: { open: OpenVisit }) {
  const t = useText();
  const update = useUpdate();
  // A basement has no signal: what the visit will come to is fetched while there is some.
  useEffect(
    () => oneByOneWhenIdle([...STEPS.map((step) => STEP_SCREENS[step].prefetch), readyWorkers]),
    [],
  );
  const { wide, width, height } = useWide();
  const { visit, client } = open.visit;
  const shown = allowed(visit.step, open);
  const Screen = STEP_SCREENS[shown];
  const go = (next: Step) => {
    if (visit.step !== next) update('visits', visit, (latest) => ({ ...latest, step: next }));
  };
  const inner = wide ? width : width - 64;
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header
        title={t(`patterns.${visit.pattern}`)}
        note={client.name}
        back={`/clients/${client.id}`}
      >
        {wide ? (
          <Button
            label={t('visit.board')}
            tight
            onPress={() => router.push(`/clients/${client.id}/visits/${visit.id}/board`)}
          />
        ) : null}
      </Header>
      <View flex={1} minHeight={0} flexDirection={wide ? 'column' : 'row'}>
        <View
          flexShrink={0}
          paddingTop="$2"
          paddingHorizontal={wide ? '$4' : 0}
          borderBottomWidth={wide ? 1 : 0}
          borderColor="$rule"
          style={{ overflow: 'auto', scrollbarWidth: 'none' }}
        >
          <Rail current={shown} done={doneSteps(open)} onStep={go} across={wide} />
        </View>
        <View render="main" flex={1} minWidth={0} minHeight={0}>
          <Screen key={shown} open={open} onStep={go} wide={wide} width={inner} height={height} />
        </View>
      </View>
    </View>
  );
}
