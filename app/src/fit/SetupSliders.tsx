import { ARMS, LOAD_PLACES, type Setup } from '@taxikine/core';
import { View } from '@tamagui/core';
import { memo } from 'react';
import { Choice } from '../ui/Choice';
import { Slider } from '../ui/Slider';
import { Title } from '../ui/text';
import { useText } from '../words/useText';

export interface SetupSlidersProps {
  readonly setup: Setup;
  readonly onChange: (part: Partial<Setup>) => void;
}

/** How they stand: every lever of the set-up, to pull at. Drawn anew only when the set-up changes. */
export const SetupSliders = memo(function SetupSliders({
  setup,
  onChange: setSetup,
}: SetupSlidersProps) {
  const t = useText();
  const toes = (part: Partial<typeof setup.toeOutDeg>) =>
    setSetup({ toeOutDeg: { ...setup.toeOutDeg, ...part } });
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('fit.setup')}
      </Title>
      <Slider
        label={t('setup.stance')}
        value={setup.stanceCm}
        least={10}
        most={100}
        step={1}
        unit="cm"
        onChange={(stanceCm) => setSetup({ stanceCm })}
      />
      <View flexDirection="row" gap="$4">
        <View flex={1}>
          <Slider
            label={t('setup.toesLeft')}
            value={setup.toeOutDeg.left}
            least={-10}
            most={50}
            step={1}
            unit="°"
            onChange={(left) => toes({ left })}
          />
        </View>
        <View flex={1}>
          <Slider
            label={t('setup.toesRight')}
            value={setup.toeOutDeg.right}
            least={-10}
            most={50}
            step={1}
            unit="°"
            onChange={(right) => toes({ right })}
          />
        </View>
      </View>
      <Slider
        label={t('setup.heel')}
        value={setup.heelLiftMm}
        least={0}
        most={60}
        step={1}
        unit="mm"
        onChange={(heelLiftMm) => setSetup({ heelLiftMm })}
      />
      <Choice
        label={t('setup.arms')}
        options={ARMS.map((value) => ({ value, label: t(`setup.armsWords.${value}`) }))}
        value={setup.arms}
        onChange={(arms) => setSetup({ arms })}
      />
      <Choice
        label={t('setup.hands')}
        options={(['free', 'post'] as const).map((value) => ({
          value,
          label: t(`setup.handsWords.${value}`),
        }))}
        value={setup.hands}
        onChange={(hands) => setSetup({ hands })}
      />
      <Choice
        label={t('setup.load')}
        options={LOAD_PLACES.map((value) => ({ value, label: t(`setup.loadWords.${value}`) }))}
        value={setup.load.at}
        onChange={(at) => setSetup({ load: { at, kg: at === 'none' ? 0 : setup.load.kg || 5 } })}
      />
      {setup.load.at === 'none' ? null : (
        <Slider
          label={t('setup.kg')}
          value={setup.load.kg}
          least={0}
          most={120}
          step={2.5}
          unit="kg"
          onChange={(kg) => setSetup({ load: { ...setup.load, kg } })}
        />
      )}
    </View>
  );
});
