import type { Dose } from '@taxikine/core/knowledge/drillRow';
import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import { View } from '@tamagui/core';
import { Button } from '../ui/Button';
import { Stepper } from '../ui/Stepper';
import { useText } from '../words/useText';

export interface DoseSteppersProps {
  readonly dose: Dose;
  /** What is usual, to go back to; left out where nothing is. */
  readonly usual?: Dose;
  /** null: as is usual. */
  readonly onDose: (dose: Dose | null) => void;
}

interface Counted {
  readonly name: 'reps' | 'seconds' | 'breaths';
  readonly value: number;
  readonly step: number;
  readonly most: number;
  readonly with: (value: number) => Dose;
}

/** What is counted in a set of a dose. */
function countedIn(dose: Dose): Counted {
  if (dose.by === 'hold')
    return {
      name: 'seconds',
      value: dose.seconds,
      step: 5,
      most: 300,
      with: (seconds) => ({ ...dose, seconds }),
    };
  if (dose.by === 'breaths')
    return {
      name: 'breaths',
      value: dose.breaths,
      step: 1,
      most: 20,
      with: (breaths) => ({ ...dose, breaths }),
    };
  return { name: 'reps', value: dose.reps, step: 1, most: 30, with: (reps) => ({ ...dose, reps }) };
}

/** Sets, and what is counted in each; back to the usual with one tap. */
export function DoseSteppers({ dose, usual, onDose }: DoseSteppersProps) {
  const t = useText();
  const counted = countedIn(dose);
  return (
    <View gap="$2" role="group" aria-label={t('work.dose')}>
      <View flexDirection="row" flexWrap="wrap" gap="$4">
        <Stepper
          label={t('work.sets')}
          value={dose.sets}
          from={dose.sets}
          unit=""
          least={1}
          most={6}
          onChange={(sets) => onDose({ ...dose, sets })}
        />
        <Stepper
          label={t(`work.${counted.name}`)}
          value={counted.value}
          from={counted.value}
          unit={counted.name === 'seconds' ? 's' : ''}
          least={counted.step}
          most={counted.most}
          step={counted.step}
          onChange={(value) => onDose(counted.with(value))}
        />
      </View>
      {!usual || doseWords(usual) === doseWords(dose) ? null : (
        <Button
          kind="quiet"
          tight
          small
          label={t('work.usualDose', { dose: doseWords(usual) })}
          onPress={() => onDose(null)}
        />
      )}
    </View>
  );
}
