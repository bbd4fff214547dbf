import { isStaggered } from '@taxikine/core/body/stance/patterns';
import { View } from '@tamagui/core';
import { Figure } from '../../figure/Figure';
import { Button } from '../../ui/Button';
import { StepFrame } from '../../ui/StepFrame';
import { Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import { SetupFields } from '../setup/SetupFields';
import { useSetup } from '../setup/useSetup';
import { setupWords } from './setupWords';
import type { StepProps } from './StepProps';

type State = ReturnType<typeof useSetup>;

function leadWords({ locked, remembered }: State, name: string, t: TextOf): string {
  if (locked) return t('setup.lockedNote');
  return remembered ? t('setup.remembered', { name }) : t('setup.lead');
}

/** How they stand: fixed in a few taps, remembered, and locked once the first look is under way. */
export function SetupStep({ open, onStep, wide }: StepProps) {
  const t = useText();
  const { client, visit } = open.visit;
  const state = useSetup(open);
  const go = () => {
    state.begin();
    onStep('look');
  };
  return (
    <StepFrame
      title={t('setup.title')}
      lead={leadWords(state, client.name, t)}
      foot={<Button kind="main" flex={1} label={t('setup.go')} onPress={go} />}
    >
      <View flexDirection={wide ? 'row' : 'column'} gap="$5">
        <View gap="$2" alignItems="center">
          <Figure
            client={client}
            setup={state.setup}
            moment={{ pattern: visit.pattern, phase: 'start', faults: [] }}
            view={isStaggered(visit.pattern) ? 'side' : 'front'}
            width={220}
            height={wide ? 420 : 250}
            standing
            label={setupWords(state.setup, t)}
          />
          <Words small soft textAlign="center">
            {setupWords(state.setup, t)}
          </Words>
        </View>
        {state.locked ? null : (
          <SetupFields pattern={visit.pattern} setup={state.setup} onChange={state.change} />
        )}
      </View>
    </StepFrame>
  );
}
