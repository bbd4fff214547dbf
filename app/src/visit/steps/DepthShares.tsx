import { maybeDepthQuestion } from '@taxikine/core/inference/trace/depthShares';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { SharesBar } from '../../solver/SharesBar';
import { lastOf, useLongAnswer } from '../../solver/useLongAnswer';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { LikelyStand } from './LikelyStand';

/** What the measured ranges explain of a squat that stops short, and what they do not. */
export function DepthShares({ visit }: { visit: VisitFile }) {
  const t = useText();
  const [width, setWidth] = useState(300);
  const question = useMemo(() => maybeDepthQuestion(caseFileOf(visit)), [visit]);
  const answer = useLongAnswer(question && JSON.stringify(question), (ask, onProgress) =>
    ask.shares(question!, onProgress),
  );
  if (!question) return null;
  const found = lastOf(answer);
  return (
    <View
      gap="$2"
      onLayout={({ nativeEvent }) => setWidth(Math.min(nativeEvent.layout.width, 520))}
    >
      <Title small aria-level={3}>
        {t('fit.shares')}
      </Title>
      <Words small soft>
        {question.seenDeg === null ? t('fit.noSeen') : t('fit.sharesHint')}
      </Words>
      {found ? <SharesBar found={found} width={width} /> : <Words soft>{t('fit.working')}</Words>}
      {found ? <LikelyStand question={question} /> : null}
      <Button
        kind="quiet"
        label={t('fit.open')}
        onPress={() => router.push(`/clients/${visit.client.id}/fit?visit=${visit.visit.id}`)}
      />
    </View>
  );
}
