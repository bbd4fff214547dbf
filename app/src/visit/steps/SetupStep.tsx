import { isStaggered } from '@taxikine/core/body/stance/patterns';
import { ARMS, HANDS, LOAD_PLACES, SHOES, type Setup } from '@taxikine/core/body/stance/setup';
import { SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { setupFor } from '@taxikine/core/reading/visit/setupFor';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useWrite } from '../../data/useFile';
import { Figure } from '../../figure/Figure';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { setupWords } from './setupWords';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';

const options = <T extends string>(values: readonly T[], word: (value: T) => string) =>
  values.map((value) => ({ value, label: word(value) }));

/** How they stand: fixed in a few taps, remembered, and locked once the first look is under way. */
export function SetupStep({ open, onStep, wide }: StepProps) {
  const t = useText();
  const write = useWrite();
  const { visit } = open;
  const { pattern } = visit.visit;
  const { setup: begins, remembered } = setupFor(open.file, pattern, visit.visit.id);
  const [setup, setSetup] = useState<Setup>(visit.first?.setup ?? begins);
  const locked = Boolean(visit.again);
  const change = (part: Partial<Setup>) => {
    const { oneLeg, ...rest } = { ...setup, ...part };
    // Both legs is how a set-up is without the word: it is not kept as one.
    const next: Setup = oneLeg ? { ...rest, oneLeg } : rest;
    setSetup(next);
    if (visit.first) write('looks', { ...visit.first, setup: next });
  };

  const go = () => {
    if (!visit.first) {
      const look: LookRecord = {
        id: crypto.randomUUID(),
        clientId: visit.client.id,
        visitId: visit.visit.id,
        role: 'first',
        setup,
        ...NOTHING_SEEN,
        startedOn: new Date().toISOString(),
      };
      write('looks', look);
    }
    onStep('look');
  };

  const toes = (part: Partial<Setup['toeOutDeg']>) =>
    change({ toeOutDeg: { ...setup.toeOutDeg, ...part } });
  return (
    <StepFrame
      title={t('setup.title')}
      lead={
        locked
          ? t('setup.lockedNote')
          : remembered && !visit.first
            ? t('setup.remembered', { name: visit.client.name })
            : t('setup.lead')
      }
      foot={<Button kind="main" flex={1} label={t('setup.go')} onPress={go} />}
    >
      <View flexDirection={wide ? 'row' : 'column'} gap="$5">
        <View gap="$2" alignItems="center">
          <Figure
            client={visit.client}
            setup={setup}
            moment={{ pattern, phase: 'start', faults: [] }}
            view={isStaggered(pattern) ? 'side' : 'front'}
            width={220}
            height={wide ? 420 : 250}
            standing
            label={setupWords(setup, t)}
          />
          <Words small soft textAlign="center">
            {setupWords(setup, t)}
          </Words>
        </View>
        {locked ? null : (
          <View gap="$4" flex={1}>
            {isStaggered(pattern) ? (
              <StepSetup setup={setup} onChange={change} />
            ) : (
              <Choice<Side | null>
                label={t('setup.legs')}
                options={[
                  { value: null, label: t('setup.legsWords.both') },
                  ...SIDES.map((side) => ({ value: side, label: t(`setup.legsWords.${side}`) })),
                ]}
                value={setup.oneLeg ?? null}
                onChange={(side) => change({ oneLeg: side ?? undefined })}
              />
            )}
            {setup.oneLeg ? null : (
              <Stepper
                label={t('setup.stance')}
                value={setup.stanceCm}
                from={36}
                unit="cm"
                least={8}
                most={140}
                step={2}
                onChange={(stanceCm) => change({ stanceCm })}
              />
            )}
            <View flexDirection="row" flexWrap="wrap" gap="$4">
              <Stepper
                label={t('setup.toesLeft')}
                value={setup.toeOutDeg.left}
                from={10}
                unit="°"
                least={-20}
                most={60}
                step={5}
                onChange={(left) => toes({ left })}
              />
              <Stepper
                label={t('setup.toesRight')}
                value={setup.toeOutDeg.right}
                from={10}
                unit="°"
                least={-20}
                most={60}
                step={5}
                onChange={(right) => toes({ right })}
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
              onChange={(heelLiftMm) => change({ heelLiftMm })}
            />
            <Choice
              label={t('setup.arms')}
              options={options(ARMS, (arms) => t(`setup.armsWords.${arms}`))}
              value={setup.arms}
              onChange={(arms) => change({ arms })}
            />
            <Choice
              label={t('setup.hands')}
              options={options(HANDS, (hands) => t(`setup.handsWords.${hands}`))}
              value={setup.hands}
              onChange={(hands) => change({ hands })}
            />
            <Choice
              label={t('setup.load')}
              options={options(LOAD_PLACES, (at) => t(`setup.loadWords.${at}`))}
              value={setup.load.at}
              onChange={(at) =>
                change({ load: { at, kg: at === 'none' ? 0 : setup.load.kg || 10 } })
              }
            />
            {setup.load.at === 'none' ? null : (
              <Stepper
                label={t('setup.kg')}
                value={setup.load.kg}
                from={10}
                unit="kg"
                least={0}
                most={400}
                step={2.5}
                onChange={(kg) => change({ load: { ...setup.load, kg } })}
              />
            )}
            <Choice
              label={t('setup.shoes')}
              options={options(SHOES, (shoes) => t(`setup.shoesWords.${shoes}`))}
              value={setup.shoes}
              onChange={(shoes) => change({ shoes })}
            />
            <Choice
              label={t('setup.tempo')}
              options={options(['own', 'slow'] as const, (tempo) => t(`setup.tempoWords.${tempo}`))}
              value={setup.tempo}
              onChange={(tempo) => change({ tempo })}
            />
          </View>
        )}
      </View>
    </StepFrame>
  );
}

/** Which foot is in front, how far, and how high. */
function StepSetup({
  setup,
  onChange,
}: {
  setup: Setup;
  onChange: (part: Partial<Setup>) => void;
}) {
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
