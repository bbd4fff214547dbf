import { oneReferQuestion } from '@taxikine/core/knowledge/refer';
import type { BlockReason, Gate } from '@taxikine/core/inference/safety/gate';
import { View } from '@tamagui/core';
import { useState } from 'react';
import type { OpenVisit } from '../../data/useVisit';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { StepFrame } from '../../ui/StepFrame';
import { ClearSheet } from './ClearSheet';

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
        <ClearSheet open={open} cleared={clearing} onClose={() => setClearing(null)} />
      ) : null}
    </StepFrame>
  );
}
