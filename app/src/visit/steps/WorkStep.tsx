import { Button } from '../../ui/Button';
import { useText } from '../../words/useText';
import { useTrace } from '../../data/useVisit';
import { DoDrills } from '../session/DoDrills';
import { SessionBuilder } from '../session/SessionBuilder';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';

/** Few drills, aimed at the cause; chosen, then done. Held back when the gate is not open. */
export function WorkStep(props: StepProps) {
  const t = useText();
  const { open, onStep } = props;
  const found = useTrace(open.visit);
  const { gate } = open;
  if (gate.status !== 'open') {
    const pained = gate.status === 'unasked' && gate.because === 'pain';
    return (
      <StepFrame
        title={t(pained ? 'work.pained' : 'work.blocked')}
        lead={t(pained ? 'work.painedBody' : 'ask.blockedBody')}
        foot={<Button kind="main" flex={1} label={t('steps.ask')} onPress={() => onStep('ask')} />}
      >
        {null}
      </StepFrame>
    );
  }
  if (!found) return <StepFrame title={t('trace.impossible')}>{null}</StepFrame>;
  return open.visit.drills.length > 0 ? (
    <DoDrills {...props} found={found} />
  ) : (
    <SessionBuilder {...props} found={found} />
  );
}
