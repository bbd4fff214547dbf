import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { HomeDrill } from '@taxikine/core/records/homePlans/homePlan';
import { drillKey } from '@taxikine/core/knowledge/keys';
import { setOften } from '@taxikine/core/planning/home/weekWish';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { PoseFigure } from '../figure/PoseFigure';
import { DoseSteppers } from '../library/DoseSteppers';
import { Button } from '../ui/Button';
import { Stepper } from '../ui/Stepper';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { nameOf } from './nameOf';
import type { ChangePlan, KeptPlan } from './useHomePlan';
import type { PlannedWeek } from './WeekBoard';

export interface DrillTimesProps {
  readonly plan: KeptPlan;
  readonly week: PlannedWeek | null;
  readonly client: ClientRecord;
  readonly change: ChangePlan;
}

/** What goes home: each drill with its dose, and how often a week. */
export function DrillTimes({ plan, week, client, change }: DrillTimesProps) {
  const t = useText();
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('week.drills')}
      </Title>
      {plan.drills.map((one) => (
        <DrillTime
          key={drillKey(one)}
          one={one}
          placed={week ? week.doses.filter(({ key }) => key === drillKey(one)).length : 0}
          often={plan.wish.often[drillKey(one)]}
          client={client}
          change={change}
        />
      ))}
    </View>
  );
}

function DrillTime({
  one,
  placed,
  often,
  client,
  change,
}: {
  one: HomeDrill;
  placed: number;
  often: number | undefined;
  client: ClientRecord;
  change: ChangePlan;
}) {
  const t = useText();
  const [opened, setOpened] = useState(false);
  const row = drillOf(one);
  const key = drillKey(one);
  const name = nameOf({ row, side: one.side }, t);
  return (
    <View
      borderTopWidth={1}
      borderColor="$rule"
      paddingTop="$2"
      gap="$2"
      role="group"
      aria-label={name}
    >
      <View flexDirection="row" alignItems="center" gap="$2">
        <PoseFigure
          client={client}
          poses={posesOfDrill(row)}
          side={one.side}
          view="quarter"
          moving={false}
          width={72}
          height={64}
        />
        <View flex={1} minWidth={0}>
          <Title small aria-level={3}>
            {name}
          </Title>
          <Words small soft>
            {t('week.timesOf', { dose: doseWords(one.dose), count: placed })}
          </Words>
        </View>
        <Button
          tight
          small
          label={t(opened ? 'week.less' : 'week.change')}
          says={t('week.changeOf', { drill: name })}
          expanded={opened}
          onPress={() => setOpened(!opened)}
        />
      </View>
      {opened ? (
        <View gap="$2" paddingLeft="$2">
          <View flexDirection="row" flexWrap="wrap" gap="$4" alignItems="flex-end">
            <Stepper
              label={t('week.often')}
              value={often ?? placed}
              from={placed}
              unit=""
              least={0}
              most={21}
              onChange={(times) => change(({ wish }) => ({ wish: setOften(wish, key, times) }))}
            />
            {often === undefined ? null : (
              <Button
                kind="quiet"
                tight
                small
                label={t('week.asUsual')}
                onPress={() => change(({ wish }) => ({ wish: setOften(wish, key, null) }))}
              />
            )}
          </View>
          <DoseSteppers
            dose={one.dose}
            onDose={(dose) =>
              dose &&
              change(({ drills }) => ({
                drills: drills.map((other) =>
                  drillKey(other) === key ? { ...other, dose } : other,
                ),
              }))
            }
          />
        </View>
      ) : null}
    </View>
  );
}
