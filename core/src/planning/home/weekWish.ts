import type { Weekday } from '../../foundation/time/weekdays';
import type { DoseAt, WeekWish } from '../../records/homePlans/homePlan';

const isSame = (a: DoseAt, b: DoseAt): boolean =>
  a.key === b.key && a.day === b.day && a.at === b.at;

const withoutPin = (wish: WeekWish, dose: DoseAt): WeekWish => ({
  ...wish,
  pinned: wish.pinned.filter((one) => !isSame(one, dose)),
});

const isOff = (wish: WeekWish, key: string, day: Weekday): boolean =>
  wish.off.some((one) => one.key === key && one.day === day);

/** Takes a dose away from its day: nothing puts it back there by itself. */
export function takeAway(wish: WeekWish, dose: DoseAt): WeekWish {
  const rest = withoutPin(wish, dose);
  const { key, day } = dose;
  return isOff(rest, key, day) ? rest : { ...rest, off: [...rest.off, { key, day }] };
}

/** Puts a dose on a day at a time, and holds it there. */
export function putOn(wish: WeekWish, dose: DoseAt): WeekWish {
  const rest = withoutPin(wish, dose);
  return {
    ...rest,
    pinned: [...rest.pinned, dose],
    off: rest.off.filter((one) => one.key !== dose.key || one.day !== dose.day),
  };
}

/** A dose dragged from one place in the week to another; on the same day only its time changes. */
export const moveDose = (wish: WeekWish, from: DoseAt, to: Omit<DoseAt, 'key'>): WeekWish => {
  const left = from.day === to.day ? withoutPin(wish, from) : takeAway(wish, from);
  return putOn(left, { ...to, key: from.key });
};

/** So many doses a week of a drill; null leaves it to the rule. */
export function setOften(wish: WeekWish, key: string, times: number | null): WeekWish {
  const { [key]: _, ...often } = wish.often;
  return { ...wish, often: times === null ? often : { ...often, [key]: times } };
}

/** Whether anything was put, taken away or counted by hand. */
export const isWeekWished = ({ pinned, off, often }: WeekWish): boolean =>
  pinned.length + off.length + Object.keys(often).length > 0;
