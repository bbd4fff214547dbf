import { boardOf } from '@taxikine/core/reading/visit/threads';
import { traceSnapshot } from '@taxikine/core/reading/visit/traceSnapshot';
import { verdictsOf, type VisitVerdict } from '@taxikine/core/inference/visit/verdicts';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { useUpdate } from '../../data/useFile';
import { useTrace } from '../../data/useVisit';
import { Board } from '../thread/Board';
import { boardMarks } from '../thread/boardMarks';
import { ThreadList } from '../thread/ThreadList';
import { VerdictMark } from '../thread/VerdictMark';
import { Button } from '../../ui/Button';
import { Numeral, Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { KeepList } from '../verdict/KeepList';
import { LooksLaidOver } from '../verdict/LooksLaidOver';
import { LooseHere } from '../verdict/LooseHere';
import { StepGains } from '../verdict/StepGains';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';
import { ours } from '../../words/units';

/** Better, same or worse against measuring error, and the thread from fault to verdict. */
export function VerdictStep({ open, onStep, wide, width }: StepProps) {
  const t = useText();
  const update = useUpdate();
  const { visit } = open;
  const found = useTrace(visit);
  const verdicts = useMemo(() => verdictsOf(visit), [visit]);
  const board = useMemo(() => (found ? boardOf(visit, found) : null), [visit, found]);
  const marks = boardMarks(found, verdicts);
  const moved = verdicts.some((verdict) => verdict.word === 'better');
  const close = () => {
    const now = new Date().toISOString();
    update('visits', visit.visit, (latest) => ({
      ...latest,
      closedOn: latest.closedOn ?? now,
      traced: latest.traced ?? (found && traceSnapshot(found, now)),
    }));
    router.replace(`/clients/${visit.client.id}`);
  };
  return (
    <StepFrame
      title={t('verdict.title')}
      lead={verdicts.length === 0 ? t('verdict.nothing') : undefined}
      foot={
        <Button
          kind="main"
          flex={1}
          label={visit.visit.closedOn ? t('verdict.closed') : t('verdict.close')}
          onPress={close}
        />
      }
    >
      {verdicts.length > 0 || visit.again ? <LooksLaidOver visit={visit} width={width} /> : null}
      {verdicts.map((verdict) => (
        <VerdictLine key={verdict.key} verdict={verdict} />
      ))}
      {verdicts.length > 0 && !moved ? (
        <View gap="$2" borderLeftWidth={6} borderColor="$accent" paddingLeft="$3">
          <Words>{t('verdict.notMoved')}</Words>
          <Button label={t('verdict.toTrace')} onPress={() => onStep('trace')} />
        </View>
      ) : null}
      <View flexDirection="row">
        <Button
          tight
          label={t('report.open')}
          onPress={() => router.push(`/clients/${visit.client.id}/visits/${visit.visit.id}/report`)}
        />
      </View>
      <StepGains visit={visit} />
      <KeepList visit={visit} />
      {visit.again ? <LooseHere visit={visit} /> : null}
      {board ? (
        <View gap="$3" paddingTop="$3">
          <Title small aria-level={3}>
            {t('verdict.thread')}
          </Title>
          {wide ? (
            <Board board={board} width={Math.max(width - 80, 760)} {...marks} />
          ) : (
            <ThreadList board={board} {...marks} />
          )}
        </View>
      ) : null}
    </StepFrame>
  );
}

function VerdictLine({ verdict }: { verdict: VisitVerdict }) {
  const t = useText();
  return (
    <View
      flexDirection="row"
      gap="$3"
      alignItems="flex-start"
      borderTopWidth={1}
      borderColor="$rule"
      paddingTop="$3"
      role="group"
      aria-label={`${verdict.sentence}: ${t(`verdict.${verdict.word}`)}`}
    >
      <VerdictMark word={verdict.word} size={36} />
      <View flex={1}>
        <Title small aria-level={3}>
          {t(`verdict.${verdict.word}`)}
        </Title>
        <Words>{verdict.sentence}</Words>
        <Numeral fontSize="$4" lineHeight="$4">
          {ours(verdict.change)}
        </Numeral>
        <Words small soft>
          {t('verdict.real', { p: probabilityWords(verdict.pBetter) })} · {ours(verdict.against)}
        </Words>
      </View>
    </View>
  );
}
