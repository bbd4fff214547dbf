import {
  FIT_AIMS,
  type FitAim,
  type Fitted,
  type PostureQuestion,
  type Setup,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { memo, useState } from 'react';
import { setupWords } from '../steps/setupWords';
import { lastOf, useLongAnswer } from '../solver/useLongAnswer';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Section } from '../ui/layout';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { TradeOff } from './TradeOff';
import type { FitBench } from './useFitBench';

/** Depth to fit for when none has been set: thighs level. */
const LEVEL = 0;
/** Other aims are compared a little above what the body reaches, so that all can stand there. */
const ABOVE_REACH = 6;

const unitOf = (aim: FitAim['for']): string => (aim === 'knees' || aim === 'hips' ? 'Nm' : '°');

export interface FitForProps {
  /** As it was when the hand last rested. */
  readonly question: PostureQuestion;
  readonly depthDeg: number | null;
  readonly reachDeg: number | null;
  readonly onTake: FitBench['setSetup'];
  readonly width: number;
}

/** Fits the set-up to the body, for an aim, and shows what each step of change would buy. */
export const FitFor = memo(function FitFor({
  question,
  depthDeg,
  reachDeg,
  onTake,
  width,
}: FitForProps) {
  const t = useText();
  const [aim, setAim] = useState<FitAim['for'] | null>(null);
  const thighDeg =
    aim === 'depth' ? (depthDeg ?? LEVEL) : Math.max(depthDeg ?? 0, (reachDeg ?? 0) + ABOVE_REACH);
  const asked: FitAim | null = aim ? { for: aim, thighDeg: Math.round(thighDeg) } : null;
  const key = asked && reachDeg !== null ? JSON.stringify([asked, question]) : null;
  const answer = useLongAnswer(key, (ask, onProgress) => ask.fit(question, asked!, onProgress));
  const found = lastOf(answer);
  return (
    <Section>
      <Title small aria-level={2}>
        {t('fit.for')}
      </Title>
      <Choice
        label={t('fit.aim')}
        hideLabel
        options={FIT_AIMS.map((value) => ({ value, label: t(`fit.aims.${value}`) }))}
        value={aim ?? undefined}
        onChange={(next) => setAim(next === aim ? null : next)}
      />
      {answer.status === 'working' ? (
        <View flexDirection="row" alignItems="center" gap="$3">
          <Words role="status" soft>
            {t('fit.trying', { part: Math.round(100 * answer.part) })}
          </Words>
          <Button kind="quiet" tight label={t('cancel')} onPress={() => setAim(null)} />
        </View>
      ) : null}
      {answer.status === 'done' && !found ? <Words accent>{t('fit.noFit')}</Words> : null}
      {aim && found ? (
        <>
          <TradeOff fit={found} unit={unitOf(aim)} width={width} />
          <Offer
            best={found.best}
            now={found.now}
            unit={unitOf(aim)}
            setup={question.setup as Setup}
            onTake={onTake}
          />
        </>
      ) : null}
    </Section>
  );
});

/** The winner, in words, with what it gives; one tap takes it over. */
function Offer({
  best,
  now,
  unit,
  setup,
  onTake,
}: {
  best: Fitted;
  now: Fitted;
  unit: string;
  setup: Setup;
  onTake: FitBench['setSetup'];
}) {
  const t = useText();
  if (best.change === 0) return <Words>{t('fit.asItIs')}</Words>;
  const value = (one: Fitted) => `${one.value.toFixed(0)} ${unit}`.replace(' °', '°');
  const next = { ...setup, ...best.setup };
  return (
    <View gap="$2">
      <Words>
        {setupWords(next, t)}: {t('fit.fromTo', { from: value(now), to: value(best) })}
      </Words>
      <Button label={t('fit.take')} onPress={() => onTake(best.setup)} />
    </View>
  );
}
