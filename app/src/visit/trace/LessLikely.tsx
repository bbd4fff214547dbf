import type { Trace, TracedCause } from '@taxikine/core/inference/trace/trace';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { drawnCauses } from './threadLayout';

export interface LessLikelyProps {
  readonly shown: Trace;
  readonly actual: Trace;
  readonly selected: string | null;
  readonly onSelect: (key: string) => void;
}

/** Less likely than this, a cause is not named. */
const NAMED = 0.12;
const MOST = 4;

/** Causes that are not drawn: the next likely ones, and those the coach dismissed. Each can be read. */
export function LessLikely({ shown, actual, selected, onSelect }: LessLikelyProps) {
  const t = useText();
  const drawn = new Set(drawnCauses(shown, actual, selected).map(({ key }) => key));
  const others = shown.causes.filter(({ key }) => !drawn.has(key));
  const dismissed = shown.causes.filter(({ coach }) => coach?.says === 'dismissed');
  return (
    <>
      <Causes
        title={t('trace.also')}
        causes={others.filter(({ p }) => p >= NAMED).slice(0, MOST)}
        onSelect={onSelect}
      />
      <Causes title={t('trace.dismissedList')} causes={dismissed} onSelect={onSelect} />
    </>
  );
}

interface CausesProps {
  readonly title: string;
  readonly causes: readonly TracedCause[];
  readonly onSelect: (key: string) => void;
}

function Causes({ title, causes, onSelect }: CausesProps) {
  if (causes.length === 0) return null;
  return (
    <View gap="$1" role="group" aria-label={title}>
      <Words small soft>
        {title}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {causes.map(({ key, sentence, byFindings }) => (
          <Button
            key={key}
            label={`${sentence} (${probabilityWords(byFindings)})`}
            kind="quiet"
            tight
            small
            left
            onPress={() => onSelect(key)}
          />
        ))}
      </View>
    </View>
  );
}
