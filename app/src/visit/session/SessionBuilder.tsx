import { KIT } from '@taxikine/core/knowledge/kit';
import type { OwnDrill } from '@taxikine/core/knowledge/ownDrill';
import { drillKey } from '@taxikine/core/knowledge/keys';
import type { PlannedDrill } from '@taxikine/core/planning/session/planSession';
import { NO_WISH } from '@taxikine/core/records/visits/sessionWish';
import { isWished } from '@taxikine/core/planning/session/wish';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import { NOTHING_DONE } from '@taxikine/core/records/drills/nothingDone';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { traceSnapshot } from '@taxikine/core/reading/visit/traceSnapshot';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useUpdate, useCreate } from '../../data/useFile';
import { maybeOwn, useOwnDrills } from '../../data/usePractice';
import { CareStrip } from '../steps/CareStrip';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from '../steps/StepProps';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Stepper } from '../../ui/Stepper';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { DrillSheet } from './DrillSheet';
import { GaugePanel } from './GaugePanel';
import { LibrarySheet } from './LibrarySheet';
import { SessionList } from './SessionList';
import { useSessionPlan, type SessionOf } from './useSessionPlan';

interface Taken {
  readonly place: number;
  readonly own: OwnDrill | null;
  readonly rung: DrillRecord['rung'];
}

const drillRecord = (one: PlannedDrill, visit: VisitFile, taken: Taken): DrillRecord => ({
  ...NOTHING_DONE,
  ...taken,
  id: crypto.randomUUID(),
  clientId: visit.client.id,
  visitId: visit.visit.id,
  drill: one.drill.id,
  side: one.side,
  targets: [...one.targets],
  dose: one.dose,
});

export interface SessionBuilderProps extends StepProps {
  readonly found: Trace;
}

/** The session as it is suggested, and as the coach wants it. */
export function SessionBuilder({ open, found, wide, width }: SessionBuilderProps) {
  const t = useText();
  const create = useCreate();
  const update = useUpdate();
  const { visit } = open;
  const ownDrills = useOwnDrills();
  const session = useSessionPlan(open, found);
  const { plan } = session;
  const [opened, setOpened] = useState<string | null>(null);
  const [library, setLibrary] = useState(false);
  const total = plan.drills.reduce((sum, one) => sum + one.minutes, 0);
  const shown = plan.drills.find(({ key }) => key === opened);
  const take = () => {
    update('visits', visit.visit, (latest) => ({
      ...latest,
      traced: traceSnapshot(found, new Date().toISOString()),
    }));
    plan.drills.forEach((one, place) => {
      const own = maybeOwn(ownDrills, one.drill.id);
      const rung = session.rungs.get(one.key)?.attempt ?? null;
      create('drills', drillRecord(one, visit, { place, own, rung }));
    });
  };
  return (
    <StepFrame
      roomy
      title={t('work.title')}
      lead={t('work.lead')}
      foot={
        <>
          <Button label={t('work.add')} onPress={() => setLibrary(true)} tight />
          <Button
            kind="main"
            flex={1}
            label={t('work.choose')}
            note={t('work.total', { count: Math.ceil(total) })}
            off={plan.drills.length === 0}
            onPress={() => plan.drills.length > 0 && take()}
          />
        </>
      }
    >
      <View flexDirection={wide ? 'row' : 'column'} gap={wide ? '$6' : '$4'}>
        <View flex={wide ? 3 : undefined} minWidth={0} gap="$3">
          <CareStrip visit={visit} />
          <Troubles session={session} />
          <SessionList session={session} client={visit.client} onOpen={setOpened} />
        </View>
        <View flex={wide ? 2 : undefined} gap="$4">
          <Room visit={visit} session={session} />
          <GaugePanel open={open} session={session} width={wide ? 420 : width - 90} />
          <Wishes session={session} />
          <LeftOut session={session} />
        </View>
      </View>
      {shown ? (
        <DrillSheet one={shown} session={session} visit={visit} onClose={() => setOpened(null)} />
      ) : null}
      {library ? (
        <LibrarySheet
          session={session}
          visit={visit}
          found={found}
          onClose={() => setLibrary(false)}
        />
      ) : null}
    </StepFrame>
  );
}

/** Rules that what the coach wants does not keep, and what no caution lets in. */
function Troubles({ session: { plan } }: { session: SessionOf }) {
  const t = useText();
  if (plan.broken.length + plan.refused.length === 0) return null;
  return (
    <View gap="$2" borderLeftWidth={6} borderColor="$accent" paddingLeft="$3" role="status">
      {plan.broken.length > 0 ? <Words bold>{t('work.broken')}</Words> : null}
      {plan.broken.map(({ rule, key, says }) => (
        <Words key={`${rule}${key}`}>{says}</Words>
      ))}
      {plan.refused.length > 0 ? <Words bold>{t('work.refused')}</Words> : null}
      {plan.refused.map(({ drill, name, reason }) => (
        <Words key={drill}>{t('work.says', { drill: name, why: reason })}</Words>
      ))}
    </View>
  );
}

/** How long there is, what comes after, and what is in the room. */
function Room({ visit, session: { change, plan } }: { visit: VisitFile; session: SessionOf }) {
  const t = useText();
  const { minutes, next, kit } = visit.visit;
  const toggled = (id: (typeof kit)[number]) =>
    kit.includes(id) ? kit.filter((one) => one !== id) : [...kit, id];
  return (
    <View gap="$3">
      <View flexDirection="row" flexWrap="wrap" gap="$4">
        <Stepper
          label={t('work.minutesThere')}
          value={minutes}
          from={12}
          unit="min"
          least={0}
          most={60}
          onChange={(value) => change(() => ({ minutes: value }))}
        />
        <Choice
          label={t('work.next')}
          options={(['training', 'rest'] as const).map((value) => ({
            value,
            label: t(`work.${value}`),
          }))}
          value={next}
          onChange={(value) => change(() => ({ next: value }))}
        />
      </View>
      {plan.spare ? <Words small>{plan.spare}</Words> : null}
      <View gap="$1" role="group" aria-label={t('work.kit')}>
        <Words small soft>
          {t('work.kit')}
        </Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {KIT.map(({ id, name }) => (
            <Button
              key={id}
              tight
              small
              label={name}
              chosen={kit.includes(id)}
              onPress={() => change(() => ({ kit: toggled(id) }))}
            />
          ))}
        </View>
      </View>
    </View>
  );
}

/** What was taken out, and the way back. */
function Wishes({ session: { wish, wishes, library } }: { session: SessionOf }) {
  const t = useText();
  if (!isWished(wish)) return null;
  const names = wish.dropped.flatMap(
    ({ drill }) => library.find(({ id }) => id === drill)?.name ?? [],
  );
  return (
    <View gap="$2">
      {names.length > 0 ? (
        <View gap="$1">
          <Words small>{t('work.dropped', { list: [...new Set(names)].join(', ') })}</Words>
          <Button
            kind="quiet"
            tight
            small
            label={t('work.putBack')}
            onPress={() => wishes((latest) => ({ ...latest, dropped: [] }))}
          />
        </View>
      ) : null}
      <Button tight small label={t('work.asSuggested')} onPress={() => wishes(() => NO_WISH)} />
    </View>
  );
}

function LeftOut({ session: { plan } }: { session: SessionOf }) {
  const t = useText();
  if (plan.leftOut.length === 0) return null;
  return (
    <View gap="$1">
      <Title small aria-level={3}>
        {t('work.leftOut')}
      </Title>
      {plan.leftOut.map((one) => (
        <Words key={drillKey({ drill: one.drill, side: null })} small soft>
          {t('work.says', { drill: one.name, why: one.reason })}
        </Words>
      ))}
    </View>
  );
}
