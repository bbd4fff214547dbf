import { isStaggered, type Pattern } from '@taxikine/core/body/stance/patterns';
import { ARMS, LOAD_PLACES, type Setup } from '@taxikine/core/body/stance/setup';
import { SIDES } from '@taxikine/core/foundation/sides/side';
import { View } from '@tamagui/core';
import { memo } from 'react';
import { LegsStoodOn } from '../../visit/setup/LegsStoodOn';
import { Choice } from '../../ui/Choice';
import { Slider } from '../../ui/Slider';
import { Title } from '../../ui/text';
import { useText } from '../../words/useText';
import type { FitBench, Step } from './useFitBench';

export interface SetupSlidersProps {
  readonly pattern: Pattern;
  readonly setup: Setup;
  readonly step: Step;
  readonly onChange: FitBench['setSetup'];
  readonly onStep: FitBench['setStep'];
}

/** How they stand: every lever of the set-up, to pull at. Each group is drawn anew only as it changes. */
export const SetupSliders = memo(function SetupSliders({
  pattern,
  setup,
  step,
  onChange,
  onStep,
}: SetupSlidersProps) {
  const t = useText();
  const { toeOutDeg, oneLeg: asked } = setup;
  const { left, right } = toeOutDeg;
  const oneLeg = isStaggered(pattern) ? undefined : asked;
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('fit.setup')}
      </Title>
      {isStaggered(pattern) ? (
        <StepLevers step={step} lift={setup.frontFootLiftMm ?? 0} {...{ onChange, onStep }} />
      ) : (
        <LegsStoodOn value={oneLeg} onChange={onChange} />
      )}
      {oneLeg ? null : <StanceLever value={setup.stanceCm} onChange={onChange} />}
      <ToeLevers left={left} right={right} oneLeg={oneLeg} onChange={onChange} />
      <HeelLever value={setup.heelLiftMm} onChange={onChange} />
      <Arms value={setup.arms} onChange={onChange} />
      <Hands value={setup.hands} onChange={onChange} />
      <Load at={setup.load.at} kg={setup.load.kg} onChange={onChange} />
    </View>
  );
});

interface Lever<T> {
  readonly value: T;
  readonly onChange: FitBench['setSetup'];
}

const StanceLever = memo(function StanceLever({ value, onChange }: Lever<number>) {
  return (
    <Slider
      label={useText()('setup.stance')}
      value={value}
      least={10}
      most={100}
      step={1}
      unit="cm"
      onChange={(stanceCm) => onChange({ stanceCm })}
    />
  );
});

const HeelLever = memo(function HeelLever({ value, onChange }: Lever<number>) {
  return (
    <Slider
      label={useText()('setup.heel')}
      value={value}
      least={0}
      most={60}
      step={1}
      unit="mm"
      onChange={(heelLiftMm) => onChange({ heelLiftMm })}
    />
  );
});

type ToeLeversProps = Setup['toeOutDeg'] &
  Pick<Setup, 'oneLeg'> &
  Pick<SetupSlidersProps, 'onChange'>;

/** Of each foot on the floor. */
const ToeLevers = memo(function ToeLevers({ left, right, oneLeg, onChange }: ToeLeversProps) {
  const t = useText();
  const toes = { left, right };
  return (
    <View flexDirection="row" gap="$4">
      {SIDES.filter((side) => !oneLeg || side === oneLeg).map((side) => (
        <View key={side} flex={1}>
          <Slider
            label={t(side === 'left' ? 'setup.toesLeft' : 'setup.toesRight')}
            value={toes[side]}
            least={-10}
            most={50}
            step={1}
            unit="°"
            onChange={(deg) => onChange({ toeOutDeg: { ...toes, [side]: deg } })}
          />
        </View>
      ))}
    </View>
  );
});

interface StepLeversProps extends Pick<SetupSlidersProps, 'step' | 'onChange' | 'onStep'> {
  readonly lift: number;
}

const StepLevers = memo(function StepLevers({ step, lift, onChange, onStep }: StepLeversProps) {
  const t = useText();
  return (
    <View gap="$2">
      <Choice
        label={t('fit.front')}
        options={SIDES.map((value) => ({ value, label: t(value) }))}
        value={step.front}
        onChange={(front) => onStep({ front })}
      />
      <Slider
        label={t('fit.step')}
        value={step.stepCm}
        least={30}
        most={130}
        step={1}
        unit="cm"
        onChange={(stepCm) => onStep({ stepCm })}
      />
      <Slider
        label={t('fit.frontLift')}
        value={lift}
        least={0}
        most={300}
        step={10}
        unit="mm"
        onChange={(frontFootLiftMm) => onChange({ frontFootLiftMm })}
      />
    </View>
  );
});

const Arms = memo(function Arms({ value, onChange }: Lever<Setup['arms']>) {
  const t = useText();
  return (
    <Choice
      label={t('setup.arms')}
      options={ARMS.map((one) => ({ value: one, label: t(`setup.armsWords.${one}`) }))}
      value={value}
      onChange={(arms) => onChange({ arms })}
    />
  );
});

const Hands = memo(function Hands({ value, onChange }: Lever<Setup['hands']>) {
  const t = useText();
  return (
    <Choice
      label={t('setup.hands')}
      options={(['free', 'post'] as const).map((one) => ({
        value: one,
        label: t(`setup.handsWords.${one}`),
      }))}
      value={value}
      onChange={(hands) => onChange({ hands })}
    />
  );
});

type LoadProps = Setup['load'] & Pick<SetupSlidersProps, 'onChange'>;

const Load = memo(function Load({ at, kg, onChange }: LoadProps) {
  const t = useText();
  return (
    <>
      <Choice
        label={t('setup.load')}
        options={LOAD_PLACES.map((value) => ({ value, label: t(`setup.loadWords.${value}`) }))}
        value={at}
        onChange={(place) => onChange({ load: { at: place, kg: place === 'none' ? 0 : kg || 5 } })}
      />
      {at === 'none' ? null : (
        <Slider
          label={t('setup.kg')}
          value={kg}
          least={0}
          most={120}
          step={2.5}
          unit="kg"
          onChange={(next) => onChange({ load: { at, kg: next } })}
        />
      )}
    </>
  );
});
