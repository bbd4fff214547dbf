import type { Weekday } from '../../foundation/time/weekdays';
import { isBeforeTraining, isInTraining } from './momentsFor';
import { weekFrom } from '../../foundation/time/calendarDay';
import { isPattern, type WeekDrill, type WeekInput, type WeekStage } from './weekInput';
import type { DoseAt } from '../../records/homePlans/homePlan';
type WeekRule =
  | 'minutes'
  | 'in-training'
  | 'hold-before-training'
  | 'strength-apart'
  | 'pattern-daily'
  | 'one-new'
  | 'twice-at-once';

/** A rule that a week does not keep, and where. */
export interface BrokenWeekRule {
  readonly rule: WeekRule;
  readonly day: Weekday;
  /** null when the whole day breaks it. */
  readonly key: string | null;
  readonly says: string;
}

const ROUNDING = 1e-6;
const whole = (minutes: number): string => String(Math.ceil(minutes - ROUNDING));

export interface RuledWeek {
  readonly doses: readonly DoseAt[];
  readonly drills: readonly WeekDrill[];
  readonly input: Pick<WeekInput, 'minutes' | 'days' | 'trainings'>;
  readonly stage: WeekStage;
}

const drillIn = ({ drills }: RuledWeek, key: string): WeekDrill =>
  drills.find((one) => one.key === key)!;

const onDay = ({ doses }: RuledWeek, day: Weekday): readonly DoseAt[] =>
  doses.filter((dose) => dose.day === day);

const named = ({ row, side }: WeekDrill): string => (side ? `${row.name}, ${side}` : row.name);

function minutesRule(week: RuledWeek, day: Weekday): BrokenWeekRule[] {
  const asked = onDay(week, day).reduce((sum, { key }) => sum + drillIn(week, key).minutes, 0);
  const there = week.input.days.includes(day) ? week.input.minutes : 0;
  if (asked <= there + ROUNDING) return [];
  const says = `${whole(asked)} minutes are asked and ${there} are there`;
  return [{ rule: 'minutes', day, key: null, says }];
}

/** Of all that is done at one time of a day. */
const minutesOfSitting = (week: RuledWeek, { day, at }: DoseAt): number =>
  onDay(week, day)
    .filter((one) => one.at === at)
    .reduce((sum, { key }) => sum + drillIn(week, key).minutes, 0);

const trainingRules = (week: RuledWeek, day: Weekday): BrokenWeekRule[] =>
  onDay(week, day).flatMap((dose): BrokenWeekRule[] => {
    const drill = drillIn(week, dose.key);
    const sitting = { ...dose, minutes: minutesOfSitting(week, dose) };
    const { trainings } = week.input;
    const rule = (id: WeekRule, says: string): BrokenWeekRule[] => [
      { rule: id, day, key: dose.key, says: `${named(drill)}: ${says}` },
    ];
    if (isInTraining(sitting, trainings)) return rule('in-training', 'that is training time');
    return drill.row.family === 'hold' && isBeforeTraining(sitting, trainings)
      ? rule('hold-before-training', 'no long hold in the half hour before training')
      : [];
  });

/** The day before, in a week that is followed by one like it. */
const dayBefore = (day: Weekday): Weekday => weekFrom(day)[6];

const strengthRule = (week: RuledWeek, day: Weekday): BrokenWeekRule[] =>
  onDay(week, day).flatMap(({ key }): BrokenWeekRule[] => {
    const drill = drillIn(week, key);
    const before = onDay(week, dayBefore(day))
      .map((dose) => drillIn(week, dose.key))
      .find((other) => other.tires.some((part) => drill.tires.includes(part)));
    if (!before) return [];
    const says = `${named(drill)}: the same part was worked the day before (${before.row.name})`;
    return [{ rule: 'strength-apart', day, key, says }];
  });

function patternRule(week: RuledWeek, day: Weekday): BrokenWeekRule[] {
  const { drills, input } = week;
  const asked = drills.some((one) => isPattern(one) && one.perWeek > 0);
  if (!asked || !input.days.includes(day)) return [];
  if (onDay(week, day).some(({ key }) => isPattern(drillIn(week, key)))) return [];
  return [{ rule: 'pattern-daily', day, key: null, says: 'the pattern itself is for every day' }];
}

function newRule(week: RuledWeek, day: Weekday): BrokenWeekRule[] {
  if (!week.stage.introduces) return [];
  const days = weekFrom(week.stage.begins);
  const earlier = new Set(
    days.slice(0, days.indexOf(day)).flatMap((one) => onDay(week, one).map(({ key }) => key)),
  );
  const firsts = [...new Set(onDay(week, day).map(({ key }) => key))]
    .map((key) => drillIn(week, key))
    .filter((one) => !one.known && !isPattern(one) && !earlier.has(one.key));
  if (firsts.length < 2) return [];
  const says = `one new thing at a time: ${firsts.map(named).join(' · ')}`;
  return [{ rule: 'one-new', day, key: null, says }];
}

const twiceRule = (week: RuledWeek, day: Weekday): BrokenWeekRule[] =>
  onDay(week, day)
    .filter(
      (dose, i, all) => all.findIndex((one) => one.key === dose.key && one.at === dose.at) < i,
    )
    .map(({ key, at }) => ({
      rule: 'twice-at-once',
      day,
      key,
      says: `${named(drillIn(week, key))}: twice at ${at}`,
    }));

/** Every rule that a week does not keep, day by day, each with a sentence for the coach. */
export const brokenWeekRules = (week: RuledWeek): BrokenWeekRule[] =>
  weekFrom(week.stage.begins).flatMap((day) =>
    [minutesRule, trainingRules, strengthRule, patternRule, newRule, twiceRule].flatMap((rule) =>
      rule(week, day),
    ),
  );
