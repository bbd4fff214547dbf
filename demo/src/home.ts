import {
  addDays,
  homeDay,
  drillKey,
  drillOf,
  maybeVisitFile,
  newHomePlan,
  seeded,
  type ClientFile,
  type DoseEntry,
  type HomeEntry,
  type HomePlanRecord,
  type ReferId,
  type Training,
} from '@taxikine/core';
import { demoId } from './ids';

/** A plan at home, and how the client kept to it. */
export interface DemoHome {
  startedDaysAgo: number;
  minutes?: number;
  trainings?: Training[];
  note?: string;
  /** A letter says that the plan is ready; it goes out when the demo is first started. */
  letter?: true;
  /** Share of doses that are done, and of those of which nothing is said. */
  done: number;
  silent: number;
  /** Pain with the first drill so many days ago. */
  pain?: { daysAgo: number; score: number; sharp?: boolean };
  worseMorning?: { daysAgo: number };
  /** Answered yes at home. */
  refer?: { daysAgo: number; positives: ReferId[] };
}

const dayOf = (now: Date, daysAgo: number): string =>
  addDays(now.toISOString().slice(0, 10), -daysAgo);

interface Told {
  readonly plan: HomePlanRecord;
  readonly key: string;
  readonly on: string;
}

const said = ({ plan, key, on }: Told, what: string, hour: number) => ({
  id: demoId(`${key}/said/${on}/${what}`),
  planId: plan.id,
  planVersion: 1,
  on,
  said: `${on}T${String(hour).padStart(2, '0')}:10:00.000Z`,
});

/** What was said of the doses of one day, as chance with a fixed seed has it. */
function dosesOf(told: Told, { done, silent }: DemoHome, random: () => number): DoseEntry[] {
  const { plan, on } = told;
  return homeDay(plan, [], on).doses.flatMap((dose): DoseEntry[] => {
    const chance = random();
    if (chance < silent) return [];
    const isDone = chance < silent + done;
    const { key, at } = dose;
    return [
      {
        ...said(told, `${key} ${at}`, Number(at.slice(0, 2))),
        kind: 'dose',
        key,
        at,
        name: drillOf(plan.drills.find((one) => drillKey(one) === key)!).name,
        done: isDone ? 'done' : random() < 0.5 ? 'partly' : 'not',
        why: isDone ? null : 'no-time',
        pain: 0,
        sharp: false,
      },
    ];
  });
}

function reportsOf(home: DemoHome, told: (daysAgo: number) => Told, first: DoseEntry): HomeEntry[] {
  const { pain, worseMorning, refer } = home;
  const entries: HomeEntry[] = [];
  if (pain)
    entries.push({
      ...first,
      ...said(told(pain.daysAgo), 'pain', 8),
      done: 'partly',
      why: 'hurt',
      pain: pain.score,
      sharp: pain.sharp ?? false,
    });
  if (worseMorning)
    entries.push({
      ...said(told(worseMorning.daysAgo), 'morning', 7),
      kind: 'morning',
      worse: true,
    });
  if (refer)
    entries.push({
      ...said(told(refer.daysAgo), 'refer', 9),
      kind: 'safety',
      positives: refer.positives,
    });
  return entries;
}

const letterOf = (file: ClientFile, key: string, plan: HomePlanRecord, now: Date) => ({
  id: demoId(`${key}/letter`),
  version: 0,
  clientId: file.client.id,
  kind: 'plan-ready' as const,
  planId: plan.id,
  dueOn: null,
  askedOn: now.toISOString(),
  askedBy: null,
  delivery: null,
});

/** The last finished visit's session in a week at home, and what came back from there. */
export function addHome(file: ClientFile, key: string, home: DemoHome, now: Date): void {
  const visit = file.visits.findLast(({ closedOn }) => closedOn)!;
  const startsOn = dayOf(now, home.startedDaysAgo);
  const plan: HomePlanRecord = {
    ...newHomePlan(file, maybeVisitFile(file, visit.id)!, {
      id: demoId(`${key}/home`),
      today: startsOn,
      now: `${startsOn}T12:00:00.000Z`,
      timeZone: 'Europe/Oslo',
    }),
    trainings: home.trainings ?? [],
    ...(home.minutes ? { minutes: home.minutes } : {}),
    note: home.note ?? '',
  };
  file.homePlans.push({ ...plan, version: 0 });
  if (home.letter) file.messages.push(letterOf(file, key, plan, now));
  const random = seeded(key.length * 31 + home.startedDaysAgo);
  const told = (daysAgo: number): Told => ({ plan, key, on: dayOf(now, daysAgo) });
  const days = Array.from({ length: home.startedDaysAgo }, (_, i) => home.startedDaysAgo - i);
  const doses = days.flatMap((daysAgo) => dosesOf(told(daysAgo), home, random));
  file.homeEntries.push(...doses, ...reportsOf(home, told, doses[0]));
}
