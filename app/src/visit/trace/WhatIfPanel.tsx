import { capital } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { TraceView } from './useTraceView';
import { ours } from '../../words/units';

type WhatIfPanelProps = Pick<TraceView, 'findings' | 'left' | 'toggle' | 'putBack'> & {
  readonly onClose: () => void;
};

/** Findings to leave out, one tap each, to see what hangs on them. Nothing of it is kept. */
export function WhatIfPanel({ findings, left, toggle, putBack, onClose }: WhatIfPanelProps) {
  const t = useText();
  return (
    <View gap="$2" borderLeftWidth={4} borderColor="$sea" paddingLeft="$3">
      <Title small aria-level={3}>
        {t('trace.ifNot.title')}
      </Title>
      <Words small soft>
        {left.size > 0
          ? t('trace.ifNot.note', { count: left.size, all: findings.length })
          : t('trace.ifNot.lead')}
      </Words>
      <View
        role="group"
        aria-label={t('trace.ifNot.title')}
        flexDirection="row"
        flexWrap="wrap"
        gap="$2"
      >
        {findings.map(({ key, words }) => (
          <Button
            key={key}
            label={
              left.has(key) ? t('trace.ifNot.out', { words: ours(words) }) : capital(ours(words))
            }
            tight
            small
            left
            chosen={left.has(key)}
            onPress={() => toggle(key)}
          />
        ))}
      </View>
      <Button
        label={t('trace.ifNot.close')}
        onPress={() => {
          putBack();
          onClose();
        }}
      />
    </View>
  );
}
