import type { TracedCause } from '@taxikine/core/inference/trace/trace';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface OpinionSheetProps {
  readonly says: 'pinned' | 'dismissed';
  readonly cause: TracedCause;
  readonly onClose: () => void;
  readonly onKeep: (why: string) => void;
}

/** Reasons that need no typing. */
const WHYS = ['hands', 'known', 'badCheck', 'story'] as const;
const SHORTEST = 2;

/** Why a cause is pinned or dismissed: one tap, or a few words at the desk. */
export function OpinionSheet({ says, cause, onClose, onKeep }: OpinionSheetProps) {
  const t = useText();
  const [own, setOwn] = useState('');
  const [tried, setTried] = useState(false);
  const keep = () => {
    setTried(true);
    if (own.trim().length >= SHORTEST) onKeep(own.trim());
  };
  const short = tried && own.trim().length < SHORTEST;
  return (
    <Sheet title={t(`trace.opinion.${says}`, { cause: cause.sentence })} open onClose={onClose}>
      <Words>{t('trace.opinion.lead')}</Words>
      <View gap="$2">
        {WHYS.map((why) => (
          <Button
            key={why}
            left
            label={t(`trace.opinion.whys.${why}`)}
            onPress={() => onKeep(t(`trace.opinion.whys.${why}`))}
          />
        ))}
      </View>
      <Field
        label={t('trace.opinion.own')}
        value={own}
        onChange={setOwn}
        problem={short ? t('trace.opinion.missing') : undefined}
      />
      <Button kind="main" label={t('trace.opinion.keep')} onPress={keep} />
    </Sheet>
  );
}
