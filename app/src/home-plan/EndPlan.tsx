import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { HomePlanRecord } from '@taxikine/core/records/homePlans/homePlanRecord';
import { openReports } from '@taxikine/core/planning/home/homeReports';
import { entriesOf } from '@taxikine/core/planning/home/planAtHome';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import type { ChangePlan, KeptPlan } from './useHomePlan';

export interface EndPlanProps {
  readonly file: ClientFile;
  readonly plan: KeptPlan;
  readonly change: ChangePlan;
}

/** Ends the plan, after what that means was read: a slip of the thumb empties nobody's page. */
export function EndPlan({ file, plan, change }: EndPlanProps) {
  const t = useText();
  const [asking, setAsking] = useState(false);
  return (
    <View flexDirection="row">
      <Button kind="quiet" tight label={t('week.end')} onPress={() => setAsking(true)} />
      {asking ? (
        <Sheet title={t('week.endTitle')} open onClose={() => setAsking(false)}>
          <Words>{t('week.endWords', { name: file.client.name })}</Words>
          <Button kind="main" label={t('week.endNow')} onPress={() => change(ended(file, plan))} />
        </Sheet>
      ) : null}
    </View>
  );
}

/** What the coach has seen of the plan by then is answered, and what comes in later is not. */
function ended(file: ClientFile, plan: KeptPlan) {
  const seen = openReports(entriesOf(file, plan), plan.answers);
  return ({ answers }: HomePlanRecord): Partial<HomePlanRecord> => {
    const on = new Date().toISOString();
    const stay = seen.map(({ entry }) => ({ entry: entry.id, does: 'stay' as const, on }));
    return { endedOn: on, answers: [...answers, ...stay] };
  };
}
