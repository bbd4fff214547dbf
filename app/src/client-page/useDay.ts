import type { ReferId } from '@taxikine/core/knowledge/refer';
import { asTheyMayBe, type DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import type { PagePlan } from '@taxikine/core/planning/home/homePage';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { useState } from 'react';
import { nameOf } from '../home-plan/nameOf';
import { useText } from '../words/useText';
import { today } from '../words/when';
import type { ChosenDose } from './ChosenDose';
import { doneOf, doseEntry, type Saying } from './doseSaid';
import { entryAbout } from './entryAbout';
import { forgetPlayed, playedId } from './useHomePlayer';
import type { PageState } from './usePage';

type Open = Extract<PageState, { status: 'open' }>;

/** What a dose is told of with, before anything was said. */
type Told = ChosenDose & { readonly begin: Partial<Saying> };

/** How a dose went, as far as the player knows. */
const playedAs = (drill: DrillRecord): Partial<Saying> => {
  const isStopped = drill.status === 'stopped';
  return {
    done: doneOf(drill),
    pain: drill.pain,
    sharp: isStopped && (drill.pain ?? 0) < 5,
    ...(isStopped ? { why: 'hurt' as const } : {}),
  };
};

/** The day that is looked at, the dose that is played or told of, and what is asked after pain. */
export function useDay({ plan, entries, say }: Open & { readonly plan: PagePlan }) {
  const t = useText();
  const now = today();
  // Nothing chosen is today, also when the page stays open over midnight.
  const [chosen, setChosen] = useState<string | null>(null);
  const day = chosen ?? now;
  const [playing, setPlaying] = useState<ChosenDose | null>(null);
  const [telling, setTelling] = useState<Told | null>(null);
  const [asking, setAsking] = useState(false);
  const placed = plan.days.find((one) => one.day === day)?.doses ?? [];
  const withDrill = (dose: DoseToday): ChosenDose => ({
    dose,
    drill: plan.drills.find((one) => one.key === dose.key)!,
  });
  return {
    now,
    day,
    choose: (one: string) => setChosen(one === now ? null : one),
    doses: asTheyMayBe(placed, day, entries, plan.answers),
    withDrill,
    playing,
    play: (dose: DoseToday) => setPlaying(withDrill(dose)),
    played: (drill: DrillRecord) => {
      setPlaying(null);
      if (playing) setTelling({ ...playing, begin: playedAs(drill) });
    },
    stopPlaying: () => setPlaying(null),
    telling,
    tell: (dose: DoseToday) => setTelling({ ...withDrill(dose), begin: dose.log ?? {} }),
    stopTelling: () => setTelling(null),
    said: ({ dose, drill }: ChosenDose, saying: Saying) => {
      const name = nameOf({ row: drillOf(drill), side: drill.side }, t);
      say(doseEntry(plan, dose, name, day, saying));
      forgetPlayed(playedId(plan.id, day, dose));
      if ((saying.pain ?? 0) > 0 || saying.sharp || saying.why === 'hurt') setAsking(true);
    },
    asking,
    stopAsking: () => setAsking(false),
    answered: (positives: ReferId[]) => {
      say({ ...entryAbout(plan, day), kind: 'safety', positives });
      setAsking(false);
    },
  };
}

export type DayState = ReturnType<typeof useDay>;
