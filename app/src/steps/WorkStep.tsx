import {
  doseWords,
  oneDrill,
  planSession,
  traceSnapshot,
  type DrillRecord,
  type PlannedDrill,
  type Trace,
  type VisitFile,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { useUpdate, useWrite } from '../data/useFile';
import { useTrace } from '../data/useVisit';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Stepper } from '../ui/Stepper';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { Player } from './Player';
import { StepFrame } from './StepFrame';
import type { StepProps } from './StepProps';

const drillRecord = (one: PlannedDrill, visit: VisitFile, place: number): DrillRecord => ({
  id: crypto.randomUUID(),
  clientId: visit.client.id,
  visitId: visit.visit.id,
  drill: one.drill.id as DrillRecord['drill'],
  side: one.side,
  targets: [...one.targets],
  place,
  status: 'planned',
  clock: { set: 0, runningSince: null, workedS: 0 },
  pain: null,
  doneOn: null,
  removed: false,
});

/** Few drills, aimed at the cause; chosen, then done. Held back when the gate is not open. */
export function WorkStep(props: StepProps) {
  const t = useText();
  const { open, onStep } = props;
  const found = useTrace(open.visit);
  if (open.gate.status !== 'open')
    return (
      <StepFrame
        title={t('work.blocked')}
        lead={t('ask.blockedBody')}
        foot={<Button kind="main" flex={1} label={t('steps.ask')} onPress={() => onStep('ask')} />}
      >
        {null}
      </StepFrame>
    );
  if (!found) return <StepFrame title={t('trace.impossible')}>{null}</StepFrame>;
  return open.visit.drills.length > 0 ? (
    <DoDrills {...props} found={found} />
  ) : (
    <ChooseDrills {...props} found={found} />
  );
}

function ChooseDrills({ open, found }: StepProps & { found: Trace }) {
  const t = useText();
  const write = useWrite();
  const update = useUpdate();
  const { visit } = open;
  const { pattern, minutes, next } = visit.visit;
  const { flags, approach } = visit.client;
  const suggestion = useMemo(
    () => planSession(found, { pattern, minutes, flags, next, approach }),
    [found, pattern, minutes, flags, next, approach],
  );
  const total = suggestion.drills.reduce((sum, one) => sum + one.minutes, 0);
  const take = () => {
    update('visits', visit.visit, (latest) => ({
      ...latest,
      traced: traceSnapshot(found, new Date().toISOString()),
    }));
    suggestion.drills.forEach((one, place) => write('drills', drillRecord(one, visit, place)));
  };
  return (
    <StepFrame
      title={t('work.title')}
      lead={t('work.lead')}
      foot={
        <Button
          kind="main"
          flex={1}
          label={t('work.choose')}
          note={t('work.total', { count: Math.ceil(total) })}
          onPress={take}
        />
      }
    >
      <View flexDirection="row" flexWrap="wrap" gap="$4">
        <Stepper
          label={t('work.minutesThere')}
          value={minutes}
          from={12}
          unit="min"
          least={3}
          most={60}
          onChange={(value) =>
            update('visits', visit.visit, (latest) => ({ ...latest, minutes: value }))
          }
        />
        <Choice
          label={t('work.next')}
          options={(['training', 'rest'] as const).map((value) => ({
            value,
            label: t(`work.${value}`),
          }))}
          value={next}
          onChange={(value) =>
            update('visits', visit.visit, (latest) => ({ ...latest, next: value }))
          }
        />
      </View>
      {suggestion.drills.map((one) => (
        <View
          key={`${one.drill.id}${one.side}`}
          gap="$1"
          borderTopWidth={1}
          borderColor="$rule"
          paddingTop="$3"
        >
          <Title small aria-level={3}>
            {one.drill.name}
            {one.side ? `, ${t(one.side)}` : ''}
          </Title>
          <Words small soft>
            {one.dose} · {t('work.minutes', { count: Math.max(1, Math.round(one.minutes)) })}
          </Words>
          <Words>{one.why}</Words>
        </View>
      ))}
      {suggestion.leftOut.length > 0 ? (
        <Words small soft>
          {t('work.leftOut', {
            list: suggestion.leftOut
              .map((one) => `${oneDrill(one.drill).name} (${one.reason})`)
              .join(', '),
          })}
        </Words>
      ) : null}
    </StepFrame>
  );
}

/** What would be chosen now, when it is no longer what was chosen and nothing was begun. */
function useStale(visit: VisitFile, found: Trace): boolean {
  const { pattern, minutes, next } = visit.visit;
  const { flags, approach } = visit.client;
  const now = useMemo(
    () => planSession(found, { pattern, minutes, flags, next, approach }).drills,
    [found, pattern, minutes, flags, next, approach],
  );
  const key = (one: { drill: string; side: string | null }) => `${one.drill}@${one.side}`;
  const untouched = visit.drills.every(
    ({ status, clock }) =>
      status === 'planned' && clock.set === 0 && clock.workedS === 0 && !clock.runningSince,
  );
  return (
    untouched &&
    visit.drills.map(key).join() !==
      now.map((one) => key({ drill: one.drill.id, side: one.side })).join()
  );
}

function DoDrills({ open, onStep, wide, width, found }: StepProps & { found: Trace }) {
  const t = useText();
  const write = useWrite();
  const { drills } = open.visit;
  const stale = useStale(open.visit, found);
  const chooseAgain = () => drills.forEach((one) => write('drills', { ...one, removed: true }));
  const running = drills.find(
    (one) =>
      one.status === 'planned' &&
      (one.clock.runningSince || one.clock.workedS > 0 || one.clock.set > 0),
  );
  const [playing, setPlaying] = useState<string | null>(running?.id ?? null);
  const current = drills.find((one) => one.id === playing && one.status === 'planned');
  if (current)
    return (
      <Player
        key={current.id}
        client={open.visit.client}
        drill={current}
        onClose={() => setPlaying(null)}
        wide={wide}
        width={width}
      />
    );
  const next = drills.find((one) => one.status === 'planned');
  return (
    <StepFrame
      title={t('work.title')}
      lead={t('work.lead')}
      foot={
        next ? (
          <Button
            kind="main"
            flex={1}
            label={t('work.start')}
            note={oneDrill(next.drill).name}
            onPress={() => setPlaying(next.id)}
          />
        ) : (
          <Button kind="main" flex={1} label={t('work.look')} onPress={() => onStep('again')} />
        )
      }
    >
      {stale ? <Button label={t('work.changed')} onPress={chooseAgain} /> : null}
      {drills.map((one) => (
        <DrillLine key={one.id} drill={one} onPress={() => setPlaying(one.id)} />
      ))}
      {next ? <Button label={t('work.look')} onPress={() => onStep('again')} /> : null}
    </StepFrame>
  );
}

function DrillLine({ drill, onPress }: { drill: DrillRecord; onPress: () => void }) {
  const t = useText();
  const row = oneDrill(drill.drill);
  return (
    <View gap="$1" borderTopWidth={1} borderColor="$rule" paddingTop="$3">
      <View flexDirection="row" justifyContent="space-between" alignItems="center" gap="$3">
        <View flex={1}>
          <Title small aria-level={3}>
            {row.name}
            {drill.side ? `, ${t(drill.side)}` : ''}
          </Title>
          <Words small soft>
            {doseWords(row.dose)} · {t(`work.status.${drill.status}`)}
          </Words>
        </View>
        {drill.status === 'planned' ? (
          <Button
            label={t('work.start')}
            says={`${t('work.start')}: ${row.name}`}
            tight
            onPress={onPress}
          />
        ) : null}
      </View>
      <Words small>{row.how}</Words>
    </View>
  );
}
