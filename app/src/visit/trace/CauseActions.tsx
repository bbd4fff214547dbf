import type { TracedCause } from '@taxikine/core/inference/trace/trace';
import type { VisitOpinion } from '@taxikine/core/records/visits/visitRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useUpdate } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { useText } from '../../words/useText';
import { OpinionSheet } from './OpinionSheet';

type Says = 'pinned' | 'dismissed';

/** What the coach can say of a cause. What is given is beyond opinion. */
export function CauseActions({ cause, visit }: { cause: TracedCause; visit: VisitFile['visit'] }) {
  const t = useText();
  const update = useUpdate();
  const [asking, setAsking] = useState<Says | null>(null);
  const say = (says: VisitOpinion['says'], why: string) =>
    update('visits', visit, (latest) => ({
      ...latest,
      opinions: [
        ...latest.opinions,
        {
          cause: cause.cause,
          side: cause.side,
          says,
          why,
          on: new Date().toISOString(),
          byFindings: cause.byFindings,
        },
      ],
    }));
  if (cause.kind === 'given') return null;
  return (
    <View flexDirection="row" flexWrap="wrap" gap="$2">
      {cause.coach ? (
        <Button
          label={t('trace.takeBack')}
          tight
          small
          onPress={() => say('open', t('trace.takeBack'))}
        />
      ) : (
        (['pinned', 'dismissed'] as const).map((says) => (
          <Button
            key={says}
            label={t(says === 'pinned' ? 'trace.pin' : 'trace.dismiss')}
            says={t(`trace.opinion.${says}`, { cause: cause.sentence })}
            tight
            small
            onPress={() => setAsking(says)}
          />
        ))
      )}
      {asking ? (
        <OpinionSheet
          says={asking}
          cause={cause}
          onClose={() => setAsking(null)}
          onKeep={(why) => {
            say(asking, why);
            setAsking(null);
          }}
        />
      ) : null}
    </View>
  );
}
