import type { ReferId } from '@taxikine/core/knowledge/refer';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import { addDays, daysFrom } from '@taxikine/core/foundation/time/calendarDay';
import { asTheyMayBe, type DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import type { HomeEntry } from '@taxikine/core/records/homeEntries/homeEntry';
import type { PagePlan } from '@taxikine/core/planning/home/homePage';
import { minutesOfPage } from '@taxikine/core/planning/home/minutesOfPage';
import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { PageBones } from '../bones/PageBones';
import { lazyScreen } from '../parts/lazyScreen';
import { aheadWhenIdle } from '../parts/whenIdle';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Title, Words } from '../ui/text';
import { dayWords } from '../home-plan/dayWords';
import { nameOf } from '../home-plan/nameOf';
import { useText } from '../words/useText';
import { today as todayIs } from '../words/when';
import type { ChosenDose } from './ChosenDose';
import { doneOf, doseEntry, type Saying } from './doseSaid';
import { DoseRow } from './DoseRow';
import { ReferSheet } from './ReferSheet';
import { SaySheet } from './SaySheet';
import { useTimeZone } from './useTimeZone';
import { forgetPlayed, playedId } from './useHomePlayer';
import type { PageState } from './usePage';

type Open = Extract<PageState, { status: 'open' }>;

/** Fetched when a dose is begun, or before that when the line is idle. */
const PlayedDose = lazyScreen(
  () => import('./PlayedDose').then((file) => file.PlayedDose),
  PageBones,
);

/** The day: its doses in order, each played or told of; and the mornings, the pain, the minutes. */
export function TodayPage({
  plan,
  page,
  entries,
  unsent,
  planChanged,
  refused,
  offline,
  say,
}: Open & { plan: PagePlan }) {
  const t = useText();
  const now = todayIs();
  // Nothing chosen is today, also when the page stays open over midnight.
  const [chosen, setChosen] = useState<string | null>(null);
  const day = chosen ?? now;
  const [playing, setPlaying] = useState<ChosenDose | null>(null);
  const [telling, setTelling] = useState<(ChosenDose & { begin: Partial<Saying> }) | null>(null);
  const [asking, setAsking] = useState(false);
  useEffect(() => aheadWhenIdle(PlayedDose.prefetch), []);
  const minutes = Math.round(minutesOfPage(plan, entries, now));
  const placed = plan.days.find((one) => one.day === day)?.doses ?? [];
  const doses = asTheyMayBe(placed, day, entries, plan.answers);
  const drillOfDose = ({ key }: DoseToday) => plan.drills.find((one) => one.key === key)!;

  const said = ({ dose, drill }: ChosenDose, saying: Saying) => {
    const name = nameOf({ row: drillOf(drill), side: drill.side }, t);
    say(doseEntry(plan, dose, name, day, saying));
    forgetPlayed(playedId(plan.id, day, dose));
    if ((saying.pain ?? 0) > 0 || saying.sharp || saying.why === 'hurt') setAsking(true);
  };
  const answered = (positives: ReferId[]) => {
    say({ ...about(plan, day), kind: 'safety', positives });
    setAsking(false);
  };

  if (playing)
    return (
      <PlayedDose
        chosen={playing}
        id={playedId(plan.id, day, playing.dose)}
        doses={doses}
        onEnd={(drill) => {
          setPlaying(null);
          setTelling({
            ...playing,
            begin: {
              done: doneOf(drill),
              pain: drill.pain,
              sharp: drill.status === 'stopped' && (drill.pain ?? 0) < 5,
              ...(drill.status === 'stopped' ? { why: 'hurt' as const } : {}),
            },
          });
        }}
        onClose={() => setPlaying(null)}
      />
    );
  const times = [...new Set(doses.map(({ at }) => at))];
  return (
    <View render="main" height="100%" tabIndex={0} style={{ overflowY: 'auto' }}>
      <View padding="$4" gap="$4" width="100%" maxWidth={720} alignSelf="center">
        <View gap="$1">
          <Words soft>{t('page.from', { practice: page.practice })}</Words>
          <Title big aria-level={1}>
            {day === now ? t('page.today', { name: page.client }) : dayWords(day)}
          </Title>
          <Words>{t('page.minutes', { count: minutes })}</Words>
          {plan.note ? <Words>{t('page.note', { note: plan.note })}</Words> : null}
          {plan.nextReview ? (
            <Words small soft>
              {t('page.review', { day: dayWords(plan.nextReview) })}
            </Words>
          ) : null}
        </View>
        <Notes
          unsent={unsent}
          offline={offline}
          planChanged={planChanged}
          refused={refused}
          zone={plan.timeZone}
        />
        <Morning plan={plan} entries={entries} now={now} say={say} />
        <DayChoice
          plan={plan}
          day={day}
          now={now}
          onDay={(one) => setChosen(one === now ? null : one)}
        />
        {doses.length === 0 ? <Words>{t(nothingOn(plan, day))}</Words> : null}
        {times.map((at) => (
          <View key={at}>
            <Words bold>{at}</Words>
            {doses
              .filter((one) => one.at === at)
              .map((dose) => (
                <DoseRow
                  key={dose.key}
                  dose={dose}
                  drill={drillOfDose(dose)}
                  onPlay={() => setPlaying({ dose, drill: drillOfDose(dose) })}
                  onSay={() =>
                    setTelling({ dose, drill: drillOfDose(dose), begin: dose.log ?? {} })
                  }
                />
              ))}
          </View>
        ))}
        <Words small soft>
          {t('page.caution')}
        </Words>
      </View>
      {telling ? (
        <SaySheet
          name={nameOf({ row: drillOf(telling.drill), side: telling.drill.side }, t)}
          begin={telling.begin}
          onSaid={(saying) => said(telling, saying)}
          onClose={() => setTelling(null)}
        />
      ) : null}
      {asking ? <ReferSheet onSaid={answered} onClose={() => setAsking(false)} /> : null}
    </View>
  );
}

/** What every entry carries. */
const about = (plan: PagePlan, on: string) => ({
  id: crypto.randomUUID(),
  planId: plan.id,
  planVersion: plan.version,
  on,
  said: new Date().toISOString(),
});

function nothingOn({ startsOn, weeks, days }: PagePlan, day: string): string {
  if (daysFrom(startsOn, day) < 0) return 'page.notBegun';
  if (daysFrom(startsOn, day) >= 7 * weeks) return 'page.over';
  return days.some((one) => one.day === day) ? 'page.rest' : 'page.tooFar';
}

/** What the client should know of the sending and of the plan. */
function Notes({
  unsent,
  offline,
  planChanged,
  refused,
  zone,
}: Pick<Open, 'unsent' | 'offline' | 'planChanged' | 'refused'> & { zone: string }) {
  const t = useText();
  const here = useTimeZone();
  return (
    <View gap="$1" role="status">
      {unsent > 0 ? <Words bold>{t('page.unsent', { count: unsent })}</Words> : null}
      {offline ? <Words soft>{t('page.offline')}</Words> : null}
      {refused ? (
        <Words bold accent>
          {t('page.refused', { words: refused })}
        </Words>
      ) : null}
      {planChanged ? <Words>{t('page.planChanged')}</Words> : null}
      {here && here !== zone ? (
        <Words small soft>
          {t('page.zone', { zone, here })}
        </Words>
      ) : null}
    </View>
  );
}

/** The question of the morning after; asked once, and only when something was done the day before. */
function Morning({
  plan,
  entries,
  now,
  say,
}: {
  plan: PagePlan;
  entries: readonly HomeEntry[];
  now: string;
  say: Open['say'];
}) {
  const t = useText();
  const yesterday = addDays(now, -1);
  const done = entries.some(
    (one) => one.kind === 'dose' && one.on === yesterday && one.done !== 'not',
  );
  const asked = entries.some((one) => one.kind === 'morning' && one.on === now);
  if (!done || asked) return null;
  const answer = (worse: boolean) => say({ ...about(plan, now), kind: 'morning', worse });
  return (
    <View
      gap="$2"
      borderLeftWidth={6}
      borderColor="$sea"
      paddingLeft="$3"
      role="group"
      aria-label={t('page.morning')}
    >
      <Words bold>{t('page.morning')}</Words>
      <View flexDirection="row" gap="$2" flexWrap="wrap">
        <Button tight label={t('page.morningNo')} onPress={() => answer(false)} />
        <Button tight label={t('page.morningYes')} onPress={() => answer(true)} />
      </View>
    </View>
  );
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
