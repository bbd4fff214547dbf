import { isStaggered, type Pattern } from '@taxikine/core/body/stance/patterns';
import { ARMS, HANDS, LOAD_PLACES, SHOES, type Setup } from '@taxikine/core/body/stance/setup';
import { SIDES } from '@taxikine/core/foundation/sides/side';

import { View } from '@tamagui/core';
import { Choice } from '../../ui/Choice';
import { Stepper } from '../../ui/Stepper';
import { useText } from '../../words/useText';
import { LegsStoodOn } from './LegsStoodOn';
import type { ChangeSetup } from './useSetup';

export interface SetupFieldsProps {
  readonly setup: Setup;
  readonly onChange: ChangeSetup;
}

const options = <T extends string>(values: readonly T[], word: (value: T) => string) =>
  values.map((value) => ({ value, label: word(value) }));

/** Everything that is fixed before the look, each in a few taps. */
export function SetupFields({
  pattern,
  ...fields
}: SetupFieldsProps & { readonly pattern: Pattern }) {
  return (
    <View gap="$4" flex={1}>
      {isStaggered(pattern) ? (
        <StepSetup {...fields} />
      ) : (
        <LegsStoodOn value={fields.setup.oneLeg} onChange={fields.onChange} />
      )}
      <Feet {...fields} />
      <ArmsAndLoad {...fields} />
      <ShoesAndTempo {...fields} />
    </View>
  );
}

function Feet({ setup, onChange }: SetupFieldsProps) {
  const t = useText();
  const { left, right } = setup.toeOutDeg;
  const toes = { from: 10, unit: '°', least: -20, most: 60, step: 5 } as const;
  return (
    <>
      {setup.oneLeg ? null : (
        <Stepper
          label={t('setup.stance')}
          value={setup.stanceCm}
          from={36}
          unit="cm"
          least={8}
          most={140}
          step={2}
          onChange={(stanceCm) => onChange({ stanceCm })}
        />
      )}
      <View flexDirection="row" flexWrap="wrap" gap="$4">
        <Stepper
          label={t('setup.toesLeft')}
          value={left}
          {...toes}
          onChange={(next) => onChange({ toeOutDeg: { left: next, right } })}
        />
        <Stepper
          label={t('setup.toesRight')}
          value={right}
          {...toes}
          onChange={(next) => onChange({ toeOutDeg: { left, right: next } })}
        />
      </View>
      <Stepper
        label={t('setup.heel')}
        value={setup.heelLiftMm}
        from={0}
        unit="mm"
        least={0}
        most={120}
        step={5}
        onChange={(heelLiftMm) => onChange({ heelLiftMm })}
      />
    </>
  );
}

/** What is carried to begin with, once it is said where. */
const FIRST_KG = 10;

function ArmsAndLoad({ setup, onChange }: SetupFieldsProps) {
  const t = useText();
  const { at, kg } = setup.load;
  const carryAt = (place: Setup['load']['at']) =>
    onChange({ load: { at: place, kg: place === 'none' ? 0 : kg || FIRST_KG } });
  return (
    <>
      <Choice
        label={t('setup.arms')}
        options={options(ARMS, (arms) => t(`setup.armsWords.${arms}`))}
        value={setup.arms}
        onChange={(arms) => onChange({ arms })}
      />
      <Choice
        label={t('setup.hands')}
        options={options(HANDS, (hands) => t(`setup.handsWords.${hands}`))}
        value={setup.hands}
        onChange={(hands) => onChange({ hands })}
      />
      <Choice
        label={t('setup.load')}
        options={options(LOAD_PLACES, (place) => t(`setup.loadWords.${place}`))}
        value={at}
        onChange={carryAt}
      />
      {at === 'none' ? null : (
        <Stepper
          label={t('setup.kg')}
          value={kg}
          from={FIRST_KG}
          unit="kg"
          least={0}
          most={400}
          step={2.5}
          onChange={(next) => onChange({ load: { at, kg: next } })}
        />
      )}
    </>
  );
}

function ShoesAndTempo({ setup, onChange }: SetupFieldsProps) {
  const t = useText();
  return (
    <>
      <Choice
        label={t('setup.shoes')}
        options={options(SHOES, (shoes) => t(`setup.shoesWords.${shoes}`))}
        value={setup.shoes}
        onChange={(shoes) => onChange({ shoes })}
      />
      <Choice
        label={t('setup.tempo')}
        options={options(['own', 'slow'] as const, (tempo) => t(`setup.tempoWords.${tempo}`))}
        value={setup.tempo}
        onChange={(tempo) => onChange({ tempo })}
      />
    </>
  );
}

/** Which foot is in front, how far, and how high. */
function StepSetup({ setup, onChange }: SetupFieldsProps) {
  const t = useText();
  return (
    <View gap="$4">
      <Choice
        label={t('fit.front')}
        options={options(SIDES, (side) => t(side))}
        value={setup.front}
        onChange={(front) => onChange({ front })}
      />
      <View flexDirection="row" flexWrap="wrap" gap="$4">
        <Stepper
          label={t('fit.step')}
          value={setup.stepCm ?? null}
          from={70}
          unit="cm"
          least={10}
          most={160}
          step={5}
          onChange={(stepCm) => onChange({ stepCm })}
        />
        <Stepper
          label={t('fit.frontLift')}
          value={setup.frontFootLiftMm ?? 0}
          from={0}
          unit="mm"
          least={0}
          most={500}
          step={50}
          onChange={(frontFootLiftMm) => onChange({ frontFootLiftMm })}
        />
      </View>
    </View>
  );
}
