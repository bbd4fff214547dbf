import { REFER_QUESTIONS, type ReferId } from '@taxikine/core/knowledge/refer';
import type { Step } from '@taxikine/core/records/visits/visitRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { useUpdate } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { when } from '../../words/when';
import { BlockedPanel } from './BlockedPanel';
import { ClearedWords } from './ClearedWords';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';

const GROUPS = ['emergency', 'clinician'] as const;

/** Back to where the question came up: into the work when it was under way. */
function afterAsking({ first, drills }: VisitFile): Step {
  if (drills.length > 0) return 'work';
  return first ? 'look' : 'setup';
}

/** Stop and refer: asked before the first look and again whenever pain is reported. */
export function AskStep({ open, onStep }: StepProps) {
  const t = useText();
  const update = useUpdate();
  const [yes, setYes] = useState<ReadonlySet<ReferId>>(new Set());
  const [sure, setSure] = useState(false);
  const [again, setAgain] = useState(false);
  const { visit, gate } = open;
  const lastAsk = visit.visit.asks.at(-1);

  if (gate.status === 'no-consent')
    return (
      <StepFrame
        title={t('ask.consentFirst')}
        lead={t('ask.consentFirstBody')}
        foot={
          <Button
            kind="main"
            flex={1}
            label={t('ask.openClient')}
            onPress={() => router.push(`/clients/${visit.client.id}/edit`)}
          />
        }
      >
        {null}
      </StepFrame>
    );
  if (gate.status === 'blocked') return <BlockedPanel open={open} gate={gate} />;

  const record = () => {
    const ask = { on: new Date().toISOString(), positives: [...yes] };
    update('visits', visit.visit, (latest) => ({ ...latest, asks: [...latest.asks, ask] }));
    setSure(false);
    setYes(new Set());
    setAgain(false);
    if (yes.size === 0) onStep(afterAsking(visit));
  };

  if (gate.status === 'open' && lastAsk && !again)
    return (
      <StepFrame
        title={t('ask.title')}
        lead={t(
          visit.visit.asks.some((ask) => ask.positives.length > 0)
            ? 'ask.askedCleared'
            : 'ask.askedBefore',
          { when: when(lastAsk.on) },
        )}
        foot={<Button kind="main" flex={1} label={t('next')} onPress={() => onStep('setup')} />}
      >
        <Button label={t('ask.askAgain')} onPress={() => setAgain(true)} />
        <ClearedWords open={open} />
      </StepFrame>
    );

  const toggle = (id: ReferId, on: boolean) =>
    setYes((was) => {
      const next = new Set(was);
      if (on) next.add(id);
      else next.delete(id);
      return next;
    });
  const painAgain = gate.status === 'unasked' && gate.because === 'pain';
  return (
    <StepFrame
      title={t('ask.title')}
      lead={painAgain ? t('ask.again') : t('ask.lead')}
      foot={
        <Button
          kind="main"
          flex={1}
          label={yes.size === 0 ? t('ask.allNo') : t('ask.record', { count: yes.size })}
          onPress={() => (yes.size === 0 ? record() : setSure(true))}
        />
      }
    >
      {GROUPS.map((group) => (
        <View key={group} gap="$2" role="group" aria-label={t(`ask.${group}`)}>
          <Title small aria-level={3}>
            {t(`ask.${group}`)}
          </Title>
          {REFER_QUESTIONS.filter((row) => row.urgency === group).map((row) => (
            <View
              key={row.id}
              flexDirection="row"
              alignItems="center"
              justifyContent="space-between"
              gap="$3"
              borderTopWidth={1}
              borderColor="$rule"
              paddingTop="$2"
            >
              <Words flex={1}>{row.question}</Words>
              <Button
                label={t('ask.yes')}
                says={`${row.question} ${t('ask.yes')}`}
                chosen={yes.has(row.id)}
                tight
                onPress={() => toggle(row.id, !yes.has(row.id))}
              />
            </View>
          ))}
        </View>
      ))}
      <Sheet title={t('ask.sureTitle')} open={sure} onClose={() => setSure(false)}>
        {REFER_QUESTIONS.filter((row) => yes.has(row.id)).map((row) => (
          <Words key={row.id} bold>
            {row.question}
          </Words>
        ))}
        <Words soft>{t('ask.confirm')}</Words>
        <Button kind="main" label={t('ask.record', { count: yes.size })} onPress={record} />
        <Button label={t('cancel')} onPress={() => setSure(false)} />
      </Sheet>
    </StepFrame>
  );
}
