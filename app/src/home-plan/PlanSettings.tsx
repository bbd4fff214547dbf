import { KIT } from '@taxikine/core/knowledge/kit';
import {
  COURSE_WEEKS,
  MOST_MOMENTS,
  type Training,
} from '@taxikine/core/records/homePlans/homePlan';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Many, toggled } from '../ui/Many';
import { Pick } from '../ui/Pick';
import { Stepper } from '../ui/Stepper';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { useWeekdays } from '../words/useWeekdays';
import { zoneOptions } from '../words/zones';
import type { ChangePlan, KeptPlan } from './useHomePlan';

/** The time there is: minutes, days, times of day, trainings, things at home, and how many weeks. */
export function PlanSettings({ plan, change }: { plan: KeptPlan; change: ChangePlan }) {
  const t = useText();
  const weekdays = useWeekdays();
  const [note, setNote] = useState(plan.note);
  return (
    <View gap="$4">
      <Title small aria-level={2}>
        {t('week.time')}
      </Title>
      <View flexDirection="row" flexWrap="wrap" gap="$4">
        <Stepper
          label={t('meet.minutes')}
          value={plan.minutes}
          from={plan.minutes}
          unit="min"
          least={0}
          most={120}
          onChange={(minutes) => change(() => ({ minutes }))}
        />
        <Stepper
          label={t('week.weeks')}
          value={plan.weeks}
          from={plan.weeks}
          unit=""
          least={COURSE_WEEKS.least}
          most={COURSE_WEEKS.most}
          onChange={(weeks) => change(() => ({ weeks }))}
        />
      </View>
      <Many
        label={t('meet.days')}
        options={weekdays.map((value) => ({ value, label: t(`weekdays.${value}`) }))}
        values={plan.days}
        onToggle={(one) => change(({ days }) => ({ days: toggled(days, one) }))}
      />
      <Moments plan={plan} change={change} />
      <Trainings plan={plan} change={change} />
      <Many
        label={t('meet.kit')}
        options={KIT.map(({ id, name }) => ({ value: id, label: name }))}
        values={plan.kit}
        onToggle={(one) => change(({ kit }) => ({ kit: toggled(kit, one) }))}
      />
      <Field
        label={t('week.startsOn')}
        type="date"
        value={plan.startsOn}
        onChange={(startsOn) => {
          if (/^\d{4}-\d{2}-\d{2}$/.test(startsOn)) change(() => ({ startsOn }));
        }}
      />
      <Pick
        label={t('week.zone')}
        options={zoneOptions(plan.timeZone)}
        value={plan.timeZone}
        onChange={(timeZone) => change(() => ({ timeZone }))}
      />
      <Field
        label={t('week.note')}
        lines={2}
        value={note}
        onChange={setNote}
        onBlur={() => {
          if (note.trim() !== plan.note) change(() => ({ note: note.trim().slice(0, 400) }));
        }}
      />
    </View>
  );
}

/** Times that are tapped rather than typed. */
const CLOCKS = ['06:30', '07:30', '09:00', '12:30', '15:00', '17:30', '20:00', '21:30'] as const;

function Moments({ plan, change }: { plan: KeptPlan; change: ChangePlan }) {
  const t = useText();
  const all = [...new Set([...CLOCKS, ...plan.moments])].sort();
  return (
    <Many
      label={t('week.moments')}
      options={all.map((value) => ({ value, label: value }))}
      values={plan.moments}
      onToggle={(one) =>
        change(({ moments }) => {
          const next = toggled(moments, one).sort();
          return next.length > MOST_MOMENTS ? {} : { moments: next };
        })
      }
    />
  );
}

/** When the client trains: no long hold goes into the half hour before. */
function Trainings({ plan, change }: { plan: KeptPlan; change: ChangePlan }) {
  const t = useText();
  const weekdays = useWeekdays();
  const [day, setDay] = useState<Training['day']>('mon');
  const [at, setAt] = useState('17:30');
  const add = () =>
    change(({ trainings }) => ({
      trainings: [
        ...trainings.filter((one) => one.day !== day || one.at !== at),
        { day, at, minutes: 60 },
      ],
    }));
  const remove = (out: Training) =>
    change(({ trainings }) => ({
      trainings: trainings.filter((one) => one.day !== out.day || one.at !== out.at),
    }));
  return (
    <View gap="$2" role="group" aria-label={t('week.trainings')}>
      <Words small soft>
        {t('week.trainings')}
      </Words>
      {plan.trainings.map((one) => (
        <View key={`${one.day} ${one.at}`} flexDirection="row" alignItems="center" gap="$3">
          <Words>
            {t('week.trainingOn', {
              day: t(`weekdaysLong.${one.day}`),
              at: one.at,
              minutes: one.minutes,
            })}
          </Words>
          <Button
            kind="quiet"
            tight
            small
            label={t('remove')}
            says={t('week.noTraining', { day: t(`weekdaysLong.${one.day}`), at: one.at })}
            onPress={() => remove(one)}
          />
        </View>
      ))}
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="flex-end">
        <Choice
          label={t('week.trainingDay')}
          hideLabel
          options={weekdays.map((value) => ({ value, label: t(`weekdays.${value}`) }))}
          value={day}
          onChange={setDay}
        />
        <View width={150}>
          <Field label={t('week.trainingAt')} type="time" value={at} onChange={setAt} />
        </View>
        <Button
          tight
          small
          off={!/^\d\d:\d\d$/.test(at)}
          label={t('week.addTraining')}
          onPress={add}
        />
      </View>
    </View>
  );
}
