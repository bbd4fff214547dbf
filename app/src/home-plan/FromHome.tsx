import { oneDrill } from '@taxikine/core/knowledge/drills';
import { reportsToSee } from '@taxikine/core/reading/today/reportsToSee';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { adherence } from '@taxikine/core/planning/home/adherence';
import { addDays } from '@taxikine/core/foundation/time/calendarDay';
import { ANSWERS } from '@taxikine/core/records/homePlans/homePlan';
import type { HomeReport } from '@taxikine/core/planning/home/homeReports';
import { entriesOf } from '@taxikine/core/planning/home/planAtHome';
import { stepAdvice, withStep } from '@taxikine/core/planning/home/stepAdvice';
import { drillKey } from '@taxikine/core/knowledge/keys';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { dayWords } from './dayWords';
import { reportWords } from './reportWords';
import type { AnswerReport, ChangePlan, KeptPlan } from './useHomePlan';

export interface FromHomeProps {
  readonly file: ClientFile;
  readonly plan: KeptPlan;
  readonly change: ChangePlan;
  readonly today: string;
}

/** Pain and what else the rules acted on, before anything else; nothing when there is none. */
export function Reports({ file, answer }: { file: ClientFile; answer: AnswerReport }) {
  return reportsToSee(file).map((report) => (
    <Report key={report.entry.id} report={report} answer={answer} />
  ));
}

/** What came back: how much was done, and the steps that were earned. */
export function FromHome({ file, plan, change, today }: FromHomeProps) {
  const t = useText();
  const steps = useMemo(() => stepAdvice(plan, entriesOf(file, plan)), [file, plan]);
  return (
    <View gap="$3">
      <Title small aria-level={2}>
        {t('week.fromHome')}
      </Title>
      <Done file={file} plan={plan} today={today} />
      {steps.map((step) => (
        <View key={step.key} gap="$1" borderLeftWidth={4} borderColor="$sea" paddingLeft="$3">
          <Words>
            {t(`week.step.${step.says}`, {
              from: nameIn(plan, step.key),
              to: oneDrill(step.to).name,
            })}
          </Words>
          <Words small soft>
            {step.why}
          </Words>
          <View flexDirection="row">
            <Button
              tight
              small
              label={t('week.takeStep')}
              onPress={() => change((latest) => ({ drills: withStep(latest, step).drills }))}
            />
          </View>
        </View>
      ))}
    </View>
  );
}

const nameIn = ({ drills }: KeptPlan, key: string): string => {
  const one = drills.find((drill) => drillKey(drill) === key)!;
  return one.own?.name ?? oneDrill(one.drill).name;
};

/** One report, and what the coach makes of it. */
function Report({ report, answer }: { report: HomeReport; answer: AnswerReport }) {
  const t = useText();
  const { entry, kind } = report;
  return (
    <View
      gap="$2"
      borderLeftWidth={6}
      borderColor="$accent"
      paddingLeft="$3"
      role="group"
      aria-label={reportWords(report, t)}
    >
      <Words bold>{reportWords(report, t)}</Words>
      <Words small soft>
        {t(`week.acted.${kind}`)} · {dayWords(entry.on)}
      </Words>
      {kind === 'refer' ? (
        <Words small>{t('week.referNext')}</Words>
      ) : (
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {ANSWERS.filter((does) => does !== 'take-out' || entry.kind === 'dose').map((does) => (
            <Button
              key={does}
              tight
              small
              label={t(`week.answers.${does}`)}
              onPress={() => answer(report, does)}
            />
          ))}
        </View>
      )}
    </View>
  );
}

/** The last two weeks: done, in part, not, and no word; what was not said is not held against anybody. */
function Done({ file, plan, today }: Omit<FromHomeProps, 'change'>) {
  const t = useText();
  const sum = useMemo(
    () => adherence(plan, entriesOf(file, plan), addDays(today, -14), today),
    [plan, file, today],
  );
  if (sum.planned === 0) return <Words soft>{t('week.noDays')}</Words>;
  return (
    <View gap="$1">
      <Words>{t('week.minutesDone', { count: Math.round(sum.minutes) })}</Words>
      <Words small soft>
        {t('week.sum', { ...sum })}
      </Words>
    </View>
  );
}
