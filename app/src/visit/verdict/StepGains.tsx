import { oneCheck } from '@taxikine/core/knowledge/checks';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import { sessionSteps } from '@taxikine/core/reading/visit/sessionSteps';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { withUnit, type Unit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { VerdictMark } from '../thread/VerdictMark';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

const rounded = (value: number): number => Math.round(value * 10) / 10;
const signed = (value: number, unit: Unit): string =>
  `${value > 0 ? '+' : ''}${withUnit(rounded(value), unit)}`;

/** Checks that were taken between drills: what each drill did, with its interval. */
export function StepGains({ visit }: { visit: VisitFile }) {
  const t = useText();
  const steps = useMemo(() => sessionSteps(visit), [visit]);
  if (steps.length === 0) return null;
  const nameOf = (id: string) => {
    const drill = visit.drills.find((one) => one.id === id);
    return drill ? drillOf(drill).name : '';
  };
  return (
    <View gap="$3">
      <Title small aria-level={3}>
        {t('verdict.steps')}
      </Title>
      {steps.map(({ check, side, gains }) => {
        const row = oneCheck(check);
        if (row.type !== 'range') return null;
        const { unit } = row.norm;
        return (
          <View
            key={`${check}${side}`}
            gap="$1"
            borderTopWidth={1}
            borderColor="$rule"
            paddingTop="$2"
          >
            <Words bold>{side ? `${row.name}, ${t(side)}` : row.name}</Words>
            {gains.map(({ step, word, change, interval: [low, high] }, i) => (
              <View key={`${step}${i}`} flexDirection="row" gap="$2" alignItems="center">
                <VerdictMark word={word} size={22} />
                <Words small flex={1}>
                  {t(step ? 'verdict.step' : 'verdict.stepNone', {
                    drill: nameOf(step).toLowerCase(),
                    change: signed(change, unit),
                    low: signed(low, unit),
                    high: signed(high, unit),
                  })}
                </Words>
              </View>
            ))}
          </View>
        );
      })}
    </View>
  );
}
