import { WEEKDAYS, type HomeDrill, type WeekInput, type WeekStage } from '../src';
import { everyDrill, homeDrill, weekInput } from './weeks';

/** A plan out of thin air: a few drills and mostly a pattern, some days, times and trainings. */
export function randomWeek(
  random: () => number,
  mostDrills: number,
): { input: WeekInput; stage: WeekStage } {
  const some = <T>(list: readonly T[], p: number) => list.filter(() => random() < p);
  const whole = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
  const pick = <T>(list: readonly T[]): T => list[whole(0, list.length - 1)];
  const clock = (hour: number) => `${String(hour).padStart(2, '0')}:${pick(['00', '20', '45'])}`;
  const ids = [...new Set(Array.from({ length: whole(1, mostDrills) }, () => pick(everyDrill)))];
  const drills: HomeDrill[] = [...ids, pick(['squat-to-target', 'hinge-to-wall', ids[0]])]
    .filter((id, i, all) => all.indexOf(id) === i)
    .map((id) => homeDrill(id, { worth: 0.05 + random(), known: random() < 0.4 }));
  const hours = [...new Set(Array.from({ length: whole(1, 4) }, () => whole(5, 22)))].sort(
    (a, b) => a - b,
  );
  return {
    input: weekInput({
      drills,
      minutes: whole(1, 30),
      days: some(WEEKDAYS, 0.75),
      moments: hours.map(clock),
      trainings: some(WEEKDAYS, 0.3).map((day) => ({
        day,
        at: clock(whole(0, 23)),
        minutes: whole(20, 120),
      })),
    }),
    stage: { introduces: random() < 0.4, deload: random() < 0.2, begins: pick(WEEKDAYS) },
  };
}
