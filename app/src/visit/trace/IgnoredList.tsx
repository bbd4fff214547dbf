import type { Ignored } from '@taxikine/core/inference/trace/reconcile/kept';
import { View } from '@tamagui/core';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { ours } from '../../words/units';

/** Findings that contradict each other: what was left out of the trace, and why. */
export function IgnoredList({ ignored }: { ignored: readonly Ignored[] }) {
  const t = useText();
  if (ignored.length === 0) return null;
  return (
    <View role="alert" gap="$1" borderLeftWidth={6} borderColor="$accent" paddingLeft="$3">
      <Words bold>{t('trace.ignored')}</Words>
      {[...new Set(ignored.map(({ words }) => words))].map((words) => (
        <Words key={words} small>
          {ours(words)}
        </Words>
      ))}
    </View>
  );
}
