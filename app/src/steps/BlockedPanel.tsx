import { oneReferQuestion } from '@taxikine/core/knowledge/refer';
import type { BlockReason, Gate } from '@taxikine/core/safety/gate';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useUpdate } from '../data/useFile';
import type { OpenVisit } from '../data/useVisit';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Sheet } from '../ui/Sheet';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { today } from '../words/when';
import { StepFrame } from '../ui/StepFrame';

type Blocked = Extract<Gate, { status: 'blocked' }>;

/** What is wrong, in plain words, and the only way on: somebody who may has cleared it. */
export function BlockedPanel({ open, gate }: { open: OpenVisit; gate: Blocked }) {
  const t = useText();
  const [clearing, setClearing] = useState<BlockReason | null>(null);
  return (
    <StepFrame
      title={gate.emergency ? t('ask.emergencyNow') : t('ask.blocked')}
      lead={t('ask.blockedBody')}
    >
      {gate.reasons.map((reason) => (
        <View
          key={`${reason.question}@${reason.reportedIn}`}
          borderLeftWidth={6}
          borderColor="$accent"
          paddingLeft="$3"
          gap="$2"
          role="alert"
        >
          <Title small aria-level={3}>
            {oneReferQuestion(reason.question).question}
          </Title>
          <Words>{reason.say}</Words>
          {reason.clearableNow ? (
            <Button label={t('ask.clear')} onPress={() => setClearing(reason)} />
          ) : (
            <Words small soft>
              {t('ask.notThisVisit')}
            </Words>
          )}
        </View>
      ))}
      {clearing ? (
        <ClearSheet open={open} reason={clearing} onClose={() => setClearing(null)} />
      ) : null}
    </StepFrame>
  );
}

interface Problems {
  by?: string;
  on?: string;
  scope?: string;
}

function ClearSheet({
  open,
  reason,
  onClose,
}: {
  open: OpenVisit;
  reason: BlockReason;
  onClose: () => void;
}) {
  const t = useText();
  const update = useUpdate();
  const [by, setBy] = useState('');
  const [on, setOn] = useState(today());
  const [scope, setScope] = useState('');
  const [problems, setProblems] = useState<Problems>({});

  const save = () => {
    const found: Problems = {
      ...(by.trim().length < 2 ? { by: t('ask.needed') } : {}),
      ...(!/^\d{4}-\d{2}-\d{2}$/.test(on) || on > today() ? { on: t('ask.dayBad') } : {}),
      ...(scope.trim().length < 2 ? { scope: t('ask.needed') } : {}),
    };
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    const { client, visit } = open.visit;
    const clearance = {
      question: reason.question,
      reportedIn: reason.reportedIn,
      recordedIn: visit.id,
      by: by.trim(),
      on,
      scope: scope.trim(),
    };
    update('clients', client, (latest) => ({
      ...latest,
      clearances: [...latest.clearances, clearance],
    }));
    onClose();
  };

  return (
    <Sheet title={t('ask.clear')} open onClose={onClose}>
      <Words>{oneReferQuestion(reason.question).question}</Words>
      <Field label={t('ask.clearedBy')} value={by} onChange={setBy} problem={problems.by} />
      <Field label={t('ask.clearedOn')} value={on} onChange={setOn} problem={problems.on} />
      <Field
        label={t('ask.clearedFor')}
        value={scope}
        onChange={setScope}
        problem={problems.scope}
      />
      <Button kind="main" label={t('ask.clearSave')} onPress={save} />
    </Sheet>
  );
}
