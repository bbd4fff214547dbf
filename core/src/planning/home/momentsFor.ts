import type { Weekday } from '../../foundation/time/weekdays';
import { overlap, weekMinute, type ClockTime, type Stretch } from '../../foundation/time/clockTime';
import type { Training } from '../../records/homePlans/homePlan';

/** A long hold takes the edge off force for about so long: none is begun or ends within it before training. */
const CALM_BEFORE_TRAINING_MIN = 30;

export interface Sitting {
  readonly day: Weekday;
  readonly at: ClockTime;
  /** Of all that is done then, at most. */
  readonly minutes: number;
}

const stretchOf = ({ day, at, minutes }: Sitting): Stretch => {
  const from = weekMinute(day, at);
  return { from, to: from + minutes };
};

/** Whether somebody is training then. */
export const isInTraining = (sitting: Sitting, trainings: readonly Training[]): boolean =>
  trainings.some((one) => overlap(stretchOf(sitting), stretchOf(one)));

/** Whether a long hold then would be in a training, or in the half hour before one. */
export const isBeforeTraining = (sitting: Sitting, trainings: readonly Training[]): boolean =>
  trainings.some((one) => {
    const { from, to } = stretchOf(one);
    return overlap(stretchOf(sitting), { from: from - CALM_BEFORE_TRAINING_MIN, to });
  });
