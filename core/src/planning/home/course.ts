import type { Day } from '../../foundation/time/instant';
import { addDays, daysFrom, weekdayOf } from '../../foundation/time/calendarDay';
import type { HomePlan } from '../../records/homePlans/homePlan';
import type { PlacedDose } from './placedDoses';
import { planWeek, type WeekPlan } from './planWeek';
import type { WeekStage } from './weekInput';

/** Every so many weeks one is lighter. */
const DELOAD_EVERY = 4;
/** The first look after so many weeks, the others further apart. */
const FIRST_REVIEW_WEEKS = 2;
const REVIEW_EVERY_WEEKS = 4;

type Course = Pick<HomePlan, 'startsOn' | 'weeks'>;

export interface CourseWeek {
  /** From 0. */
  readonly week: number;
  readonly from: Day;
  readonly deload: boolean;
  /** Look again on the first day of it, with the same set-up. */
  readonly review: boolean;
}

const isDeload = (week: number): boolean => (week + 1) % DELOAD_EVERY === 0;

const isReview = (week: number): boolean =>
  week >= FIRST_REVIEW_WEEKS && (week - FIRST_REVIEW_WEEKS) % REVIEW_EVERY_WEEKS === 0;

/** The weeks of a course, first to last. */
export const courseWeeks = ({ startsOn, weeks }: Course): CourseWeek[] =>
  Array.from({ length: weeks }, (_, week) => ({
    week,
    from: addDays(startsOn, 7 * week),
    deload: isDeload(week),
    review: isReview(week),
  }));

/** Days on which the pattern is looked at again: within the course, and the day it is over. */
export const reviewDays = (course: Course): Day[] => [
  ...courseWeeks(course)
    .filter(({ review }) => review)
    .map(({ from }) => from),
  addDays(course.startsOn, 7 * course.weeks),
];

export type WhichWeek =
  | { readonly status: 'not-begun'; readonly startsOn: Day }
  | { readonly status: 'over'; readonly since: Day }
  | { readonly status: 'in'; readonly week: number };

/** Which week of the course a day is in. */
export function weekOf({ startsOn, weeks }: Course, day: Day): WhichWeek {
  const days = daysFrom(startsOn, day);
  if (days < 0) return { status: 'not-begun', startsOn };
  const week = Math.floor(days / 7);
  return week < weeks
    ? { status: 'in', week }
    : { status: 'over', since: addDays(startsOn, 7 * weeks) };
}

/** What kind of week it is. */
const stageOf = ({ startsOn }: Course, week: number): WeekStage => ({
  introduces: week === 0,
  deload: isDeload(week),
  begins: weekdayOf(startsOn),
});

/** Weeks of a course differ only by their kind: each kind is planned once. */
export function dosesByDay(plan: HomePlan): (day: Day) => readonly PlacedDose[] {
  const planned = new Map<string, WeekPlan>();
  return (day) => {
    const which = weekOf(plan, day);
    if (which.status !== 'in') return [];
    const stage = stageOf(plan, which.week);
    const kind = `${stage.introduces} ${stage.deload}`;
    const week = planned.get(kind) ?? planWeek(plan, stage);
    planned.set(kind, week);
    const weekday = weekdayOf(day);
    return week.status === 'planned' ? week.doses.filter((one) => one.day === weekday) : [];
  };
}
