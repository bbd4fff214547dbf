import { drillOf } from '@taxikine/core/records/drills/drillOf';
import { addDays, daysFrom } from '@taxikine/core/foundation/time/calendarDay';
import type { PagePlan } from '@taxikine/core/planning/home/homePage';
import { minutesOfPage } from '@taxikine/core/planning/home/minutesOfPage';
import { View } from '@tamagui/core';
import { useEffect } from 'react';
import { PageBones } from '../bones/PageBones';
import { dayWords } from '../home-plan/dayWords';
import { nameOf } from '../home-plan/nameOf';
import { lazyScreen } from '../parts/lazyScreen';
import { aheadWhenIdle } from '../parts/whenIdle';
import { Choice } from '../ui/Choice';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { DoseRow } from './DoseRow';
import { MorningAsk } from './MorningAsk';
import { PageNotes } from './PageNotes';
import { ReferSheet } from './ReferSheet';
import { SaySheet } from './SaySheet';
import { useDay, type DayState } from './useDay';
import { playedId } from './useHomePlayer';
import type { PageState } from './usePage';

type TodayPageProps = Extract<PageState, { status: 'open' }> & { readonly plan: PagePlan };

/** Fetched when a dose is begun, or before that when the line is idle. */
const PlayedDose = lazyScreen(
  () => import('./PlayedDose').then((file) => file.PlayedDose),
  PageBones,
);

/** The day: its doses in order, each played or told of; and the mornings, the pain, the minutes. */
export function TodayPage(props: TodayPageProps) {
  const { plan, entries, say } = props;
  const t = useText();
  const state = useDay(props);
  useEffect(() => aheadWhenIdle(PlayedDose.prefetch), []);
  const { now, day, doses, playing } = state;
  if (playing)
    return (
      <PlayedDose
        chosen={playing}
        id={playedId(plan.id, day, playing.dose)}
        doses={doses}
        onEnd={state.played}
        onClose={state.stopPlaying}
      />
    );
  return (
    <View render="main" height="100%" tabIndex={0} style={{ overflowY: 'auto' }}>
      <View padding="$4" gap="$4" width="100%" maxWidth={720} alignSelf="center">
        <DayHead {...props} state={state} />
        <PageNotes {...props} zone={plan.timeZone} />
        <MorningAsk plan={plan} entries={entries} now={now} say={say} />
        <DayChoice plan={plan} day={day} now={now} onDay={state.choose} />
        {doses.length === 0 ? <Words>{t(nothingOn(plan, day))}</Words> : null}
        <DosesByTime state={state} />
        <Words small soft>
          {t('page.caution')}
        </Words>
      </View>
      <DaySheets state={state} />
    </View>
  );
}

interface Part {
  readonly state: DayState;
}

/** Whose page it is, which day, how much there is of it, and a word of the coach. */
function DayHead({ plan, page, entries, state: { day, now } }: TodayPageProps & Part) {
  const t = useText();
  const count = Math.round(minutesOfPage(plan, entries, now));
  return (
    <View gap="$1">
      <Words soft>{t('page.from', { practice: page.practice })}</Words>
      <Title big aria-level={1}>
        {day === now ? t('page.today', { name: page.client }) : dayWords(day)}
      </Title>
      <Words>{t('page.minutes', { count })}</Words>
      {plan.note ? <Words>{t('page.note', { note: plan.note })}</Words> : null}
      {plan.nextReview ? (
        <Words small soft>
          {t('page.review', { day: dayWords(plan.nextReview) })}
        </Words>
      ) : null}
    </View>
  );
}

function DosesByTime({ state: { doses, withDrill, play, tell } }: Part) {
  const times = [...new Set(doses.map(({ at }) => at))];
  return times.map((at) => (
    <View key={at}>
      <Words bold>{at}</Words>
      {doses
        .filter((one) => one.at === at)
        .map((dose) => (
          <DoseRow
            key={dose.key}
            {...withDrill(dose)}
            onPlay={() => play(dose)}
            onSay={() => tell(dose)}
          />
        ))}
    </View>
  ));
}

/** How a dose went, and the questions that follow pain. */
function DaySheets({ state: { telling, said, stopTelling, asking, answered, stopAsking } }: Part) {
  const t = useText();
  return (
    <>
      {telling ? (
        <SaySheet
          name={nameOf({ row: drillOf(telling.drill), side: telling.drill.side }, t)}
          begin={telling.begin}
          onSaid={(saying) => said(telling, saying)}
          onClose={stopTelling}
        />
      ) : null}
      {asking ? <ReferSheet onSaid={answered} onClose={stopAsking} /> : null}
    </>
  );
}

function nothingOn({ startsOn, weeks, days }: PagePlan, day: string): string {
  if (daysFrom(startsOn, day) < 0) return 'page.notBegun';
  if (daysFrom(startsOn, day) >= 7 * weeks) return 'page.over';
  return days.some((one) => one.day === day) ? 'page.rest' : 'page.tooFar';
}

/** Yesterday for what was forgotten, today, and the days to come. */
function DayChoice({
  plan,
  day,
  now,
  onDay,
}: {
  plan: PagePlan;
  day: string;
  now: string;
  onDay: (day: string) => void;
}) {
  const t = useText();
  const shown = [-1, 0, 1, 2].map((by) => addDays(now, by));
  return (
    <Choice
      hideLabel
      label={t('page.day')}
      options={shown
        .filter((one) => plan.days.some((other) => other.day === one))
        .map((value) => ({ value, label: value === now ? t('page.now') : dayWords(value) }))}
      value={day}
      onChange={onDay}
    />
  );
}
