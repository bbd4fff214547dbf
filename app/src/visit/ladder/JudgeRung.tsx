import { oneCriterion, type CriterionId } from '@taxikine/core/knowledge/ladders/criteria';
import { maybeLadder, oneRung } from '@taxikine/core/knowledge/ladders/ladders';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { View } from '@tamagui/core';
import { useUpdate } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { maybeVerdictWords } from './verdictWords';

export interface JudgeRungProps {
  readonly drill: DrillRecord;
  /** A rung ahead waits for the other side, unless something is given there. */
  readonly file: ClientFile;
}

const toggled = (met: readonly CriterionId[], id: CriterionId): CriterionId[] =>
  met.includes(id) ? met.filter((one) => one !== id) : [...met, id];

/** After a rung was done: what of its criteria was there, a tap each, and what follows from it. */
export function JudgeRung({ drill, file }: JudgeRungProps) {
  const t = useText();
  const update = useUpdate();
  const ladder = maybeLadder(drill.drill);
  const tried = drill.rung;
  if (!ladder || !tried || (drill.status !== 'done' && drill.status !== 'stopped')) return null;
  const { criteria } = oneRung(ladder, tried.rung);
  const judge = (next: (met: readonly CriterionId[]) => CriterionId[]) =>
    update('drills', drill, (latest) => ({
      ...latest,
      rung: latest.rung && { ...latest.rung, met: next(latest.rung.met ?? []) },
    }));
  const words = maybeVerdictWords(drill, file, t);
  return (
    <View gap="$2" role="group" aria-label={t('ladder.judge')}>
      <Words bold small>
        {t('ladder.judge')}{' '}
        <Words soft small>
          {t('ladder.judgeLead')}
        </Words>
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {criteria.map((id) => (
          <Button
            key={id}
            tight
            small
            label={oneCriterion(id).ask}
            chosen={tried.met?.includes(id) ?? false}
            onPress={() => judge((met) => toggled(met, id))}
          />
        ))}
        <Button
          kind="quiet"
          tight
          small
          label={t('ladder.allMet')}
          onPress={() => judge(() => [...criteria])}
        />
        {tried.met === null ? (
          <Button
            kind="quiet"
            tight
            small
            label={t('ladder.unjudged')}
            onPress={() => judge(() => [])}
          />
        ) : null}
      </View>
      {words ? (
        <Words bold role="status">
          {words}
        </Words>
      ) : null}
    </View>
  );
}
