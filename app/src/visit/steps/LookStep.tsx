import { useText } from '../../words/useText';
import { Button } from '../../ui/Button';
import { StepFrame } from '../../ui/StepFrame';
import { LiveLook } from '../look/LiveLook';
import type { StepProps } from './StepProps';

/** The live look: one figure, one place on the repetition, one joint at a time. */
export function LookStep(props: StepProps) {
  const t = useText();
  const { first } = props.open.visit;
  if (first) return <LiveLook {...props} look={first} />;
  return (
    <StepFrame
      title={t('steps.look')}
      foot={
        <Button
          kind="main"
          flex={1}
          label={t('setup.title')}
          onPress={() => props.onStep('setup')}
        />
      }
    >
      {null}
    </StepFrame>
  );
}
