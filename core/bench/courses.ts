import { localTrend, mixtureCdf, normal, type TrendReading } from '../src';

const SCALE = 6;
const SEM = 1.7;

export type Course = (day: number) => number;

/** A course drawn at random. */
export const COURSES: Readonly<Record<string, (random: () => number) => Course>> = {
  'a gain that levels off': (random) => {
    const [gain, tau] = [SCALE * (0.8 + 0.7 * normal(random)), 10 + 50 * random()];
    return (day) => 28 + gain * (1 - Math.exp(-day / tau));
  },
  'a straight line': (random) => {
    const slope = 0.02 * SCALE * normal(random);
    return (day) => 28 + slope * day;
  },
  'nothing at all': () => () => 28,
  'lost half-way': (random) => {
    const [gain, tau, lost] = [SCALE * (1 + 0.5 * normal(random)), 10 + 30 * random(), random()];
    const camp = 15 + 25 * random();
    return (day) => 28 + gain * (1 - Math.exp(-day / tau)) * (day > camp ? 1 - 0.7 * lost : 1);
  },
};

/** A reading on a day that is a little better or worse than others, with its measuring error. */
const read = (
  course: Course,
  day: number,
  dayShare: number,
  random: () => number,
): TrendReading => ({
  day,
  value: course(day) + dayShare * SCALE * normal(random) + SEM * normal(random),
  sem: SEM,
});

/** Whether the 80 % interval of a reading to come held it, on one course with missing readings. */
export function held(make: (random: () => number) => Course, random: () => number): boolean {
  const course = make(random);
  const dayShare = 0.15 + 0.3 * random();
  const readings: TrendReading[] = [];
  const wanted = 4 + Math.floor(9 * random());
  for (let day = 0; readings.length < wanted; day += 3 + 5 * random())
    if (readings.length === 0 || random() > 0.3) readings.push(read(course, day, dayShare, random));
  const ahead = 7 + 35 * random();
  const then = read(course, readings.at(-1)!.day + ahead, dayShare, random);
  const seen = localTrend(readings, SCALE).readingAhead(ahead, SEM);
  // Between the quantiles is where the share below is between them.
  const below = mixtureCdf(seen, then.value);
  return below >= 0.1 && below <= 0.9;
}
