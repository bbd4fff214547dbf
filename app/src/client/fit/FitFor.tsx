import type { Setup } from '@taxikine/core/body/stance/setup';
import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import {
  fitAimsOf,
  type Fit,
  type Fitted,
  type FitFor as Aim,
} from '@taxikine/core/body/solver/fit';
import { View } from '@tamagui/core';
import { memo, useState } from 'react';
import { setupWords } from '../../visit/steps/setupWords';
import { lastOf, useLongAnswer, type LongAnswer } from '../../solver/useLongAnswer';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Section } from '../../ui/layout';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { fitAim, saidValue, unitOf, withUnit } from './fitAim';
import { TradeOff } from './TradeOff';
import type { FitBench } from './useFitBench';

export interface FitForProps {
  /** As it was when the hand last rested. */
  readonly question: PostureQuestion;
  readonly depthDeg: number | null;
  readonly reachDeg: number | null;
  readonly onTake: FitBench['take'];
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
  const { pattern } = question;
  const [wanted, setAim] = useState<Aim | null>(null);
  const aims = fitAimsOf(pattern);
  const aim = wanted && aims.includes(wanted) ? wanted : null;
  const asked = aim && reachDeg !== null ? fitAim(pattern, aim, depthDeg, reachDeg) : null;
  const key = asked && JSON.stringify([asked, question]);
  const answer = useLongAnswer(key, (ask, onProgress) => ask.fit(question, asked!, onProgress));
  const found = lastOf(answer);
  const isWorking = answer.status === 'working';
  return (
    <Section>
      <Title small aria-level={2}>
        {t('fit.for')}
      </Title>
      <Choice
        label={t('fit.aim')}
        hideLabel
        options={aims.map((value) => ({ value, label: t(`fit.aims.${value}`) }))}
        value={aim ?? undefined}
        onChange={(next) => setAim(next === aim ? null : next)}
      />
      <Tried answer={answer} onCancel={() => setAim(null)} />
      {answer.status === 'done' && !found ? <Words accent>{t('fit.noFit')}</Words> : null}
      {aim && found ? (
        <View gap="$2" opacity={isWorking ? 0.6 : 1}>
          <TradeOff
            fit={found}
            unit={unitOf(aim)}
            said={(value) => saidValue(pattern, aim, value)}
            width={width}
          />
          <Offer
            best={found.best}
            now={found.now}
            said={(value) => withUnit(saidValue(pattern, aim, value), unitOf(aim))}
            setup={question.setup as Setup}
            off={isWorking}
            onTake={onTake}
          />
        </View>
      ) : null}
    </Section>
  );
});

interface TriedProps {
  readonly answer: LongAnswer<Fit | null>;
  readonly onCancel: () => void;
}

/** How far the trying is. It takes one height: what is offered below it stays under the finger. */
function Tried({ answer, onCancel }: TriedProps) {
  const t = useText();
  if (answer.status === 'idle') return null;
  const said =
    answer.status === 'working'
      ? t('fit.trying', { part: Math.round(100 * answer.part) })
      : t('fit.tried', { count: answer.value?.tried ?? 0 });
  return (
    <View flexDirection="row" alignItems="center" gap="$3" minHeight={48}>
      <Words role="status" soft>
        {said}
      </Words>
      {answer.status === 'working' ? (
        <Button kind="quiet" tight label={t('cancel')} onPress={onCancel} />
      ) : null}
    </View>
  );
}

interface OfferProps {
  readonly best: Fitted;
  readonly now: Fitted;
  readonly said: (value: number) => string;
  readonly setup: Setup;
  /** Another question is worked out: this answers the last one. */
  readonly off: boolean;
  readonly onTake: FitBench['take'];
}

/** The winner, in words, with what it gives; one tap takes it over. */
function Offer({ best, now, said, setup, off, onTake }: OfferProps) {
  const t = useText();
  if (best.change === 0) return <Words>{t('fit.asItIs')}</Words>;
  const next = { ...setup, ...best.setup };
  return (
    <View gap="$2">
      <Words>
        {setupWords(next, t)}: {t('fit.fromTo', { from: said(now.value), to: said(best.value) })}
      </Words>
      <Button label={t('fit.take')} off={off} onPress={() => onTake(best.setup)} />
    </View>
  );
}
