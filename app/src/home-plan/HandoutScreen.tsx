import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { careButDepth } from '@taxikine/core/planning/home/careButDepth';
import { handoutOf, type HandoutDrill, type Handout } from '@taxikine/core/planning/home/handout';
import {
  maybeCurrentPlan,
  maybeOpenPlan,
  type PlanAtHome,
} from '@taxikine/core/planning/home/planAtHome';
import { painsAtHome } from '@taxikine/core/planning/home/painsAtHome';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { useCoach } from '../data/session';
import { useFile } from '../data/useFile';
import { PoseFigure } from '../figure/PoseFigure';
import { PaperFrame } from '../visit/report/PaperFrame';
import { useDepthCut } from '../visit/trace/useDepthCut';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { dayWords } from './dayWords';
import { nameOf } from './nameOf';
import { useText } from '../words/useText';
import { useWeekdays } from '../words/useWeekdays';
import { Header } from '../frame/Header';
import { NotThere } from '../frame/NotThere';
import { Waiting } from '../frame/Waiting';

/** The plan on paper: drills with figures, the week as a grid, in usual print or large. */
export function HandoutScreen({ clientId }: { clientId: string }) {
  const file = useFile(clientId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  const open = maybeOpenPlan(file.data);
  if (open) return <KnownHandout file={file.data} at={open} />;
  return maybeCurrentPlan(file.data) ? <HeldBack clientId={clientId} /> : <NotThere />;
}

/** No drills on paper either, without consent or while a clinician has to come first. */
function HeldBack({ clientId }: { clientId: string }) {
  const t = useText();
  return (
    <View flex={1}>
      <Header title={t('handout.title')} back={`/clients/${clientId}`} />
      <Words padding="$4" bold accent role="alert">
        {t('handout.heldBack')}
      </Words>
    </View>
  );
}

function KnownHandout({ file, at }: { file: ClientFile; at: PlanAtHome }) {
  const t = useText();
  const [large, setLarge] = useState(false);
  const { id, name } = file.client;
  const print = large ? 'large' : 'usual';
  return (
    <PaperFrame
      title={t('handout.title')}
      note={name}
      back={`/clients/${id}/home`}
      pdf={{ path: `/clients/${id}/handout.pdf?print=${print}`, name: 'home-plan' }}
      buttons={
        <Button tight label={t('handout.large')} chosen={large} onPress={() => setLarge(!large)} />
      }
    >
      <Paper file={file} at={at} large={large} />
    </PaperFrame>
  );
}

/** Times the size of everything in large print. */
const LARGE = 1.5;

function Paper({ file, at, large }: { file: ClientFile; at: PlanAtHome; large: boolean }) {
  const t = useText();
  const { practice } = useCoach();
  const { plan, entries } = at;
  const found = useMemo(() => painsAtHome(file, plan), [file, plan]);
  const cut = useDepthCut(found.visit);
  const [begins] = useWeekdays();
  const handout = useMemo(
    () => handoutOf(plan, entries, { ...careButDepth(file, found), cut }, begins),
    [plan, entries, file, found, cut, begins],
  );
  return (
    <View
      data-report
      gap="$3"
      padding="$4"
      maxWidth={820}
      width="100%"
      alignSelf="center"
      backgroundColor="$paper"
      style={{ zoom: large ? LARGE : 1 }}
    >
      <View gap="$1">
        <Title big aria-level={1}>
          {t('handout.of', { name: file.client.name })}
        </Title>
        <Words soft>{practice.name}</Words>
        {plan.note ? <Words>{t('page.note', { note: plan.note })}</Words> : null}
      </View>
      {handout.drills.map((one) => (
        <Drill key={one.number} one={one} file={file} />
      ))}
      <Grid handout={handout} />
      <Words bold>{t('handout.pain')}</Words>
      <Words small soft>
        {t('page.caution')}
      </Words>
    </View>
  );
}

function Drill({ one, file }: { one: HandoutDrill; file: ClientFile }) {
  const t = useText();
  const { row, side, number, dose, timesAWeek, care } = one;
  const [start, end] = posesOfDrill(row);
  return (
    <section style={{ borderTop: '1px solid #CFC5AE', paddingTop: 8 }}>
      <View flexDirection="row" gap="$3" flexWrap="wrap" alignItems="flex-start">
        <View flexDirection="row" gap="$1">
          {[start, end].map((pose, i) => (
            <PoseFigure
              key={i}
              client={file.client}
              poses={[pose, pose]}
              side={side}
              view="quarter"
              moving={false}
              width={104}
              height={104}
            />
          ))}
        </View>
        <View flexGrow={1} flexShrink={1} flexBasis={240} minWidth={0} gap={2}>
          <Title small aria-level={2}>
            {number}. {nameOf({ row, side }, t)}
          </Title>
          <Words bold>{t('handout.dose', { dose: doseWords(dose), count: timesAWeek })}</Words>
          <Words>{row.how}</Words>
          <Words>{t('handout.feel', { feel: row.feel })}</Words>
          {care.map((says) => (
            <Words key={says} bold>
              {says}
            </Words>
          ))}
          <Words bold accent>
            {t('handout.stopIf', { stopIf: row.stopIf })}
          </Words>
          <Words small soft>
            {t('handout.easier', { easier: row.easier })}
          </Words>
        </View>
      </View>
    </section>
  );
}

/** The week: a column a day, and at each time the numbers of what is done. */
function Grid({ handout }: { handout: Handout }) {
  const t = useText();
  return (
    <section>
      <Title small aria-level={2}>
        {t('handout.week')}
      </Title>
      <View flexDirection="row" gap="$2" paddingVertical="$2" flexWrap="wrap">
        {handout.grid.map(({ day, sittings }) => (
          <View
            key={day}
            flex={1}
            minWidth={80}
            borderTopWidth={2}
            borderColor="$ink"
            paddingTop="$1"
          >
            <Words bold>{t(`weekdays.${day}`)}</Words>
            {sittings.map(({ at, numbers }) => (
              <Words key={at} small>
                {at}: {numbers.join(', ')}
              </Words>
            ))}
          </View>
        ))}
      </View>
      <Words>
        {t('handout.reviews', { days: handout.reviews.map((day) => dayWords(day)).join(', ') })}
      </Words>
    </section>
  );
}
