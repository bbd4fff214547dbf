import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { whyMissing, type WhyMissing } from './whyMissing';

/** In place of a screen that could not be fetched: what happened, what is safe, what to do. */
export function MissingPart({ onRetry }: { onRetry: () => void }) {
  const t = useText();
  const [why, setWhy] = useState<WhyMissing>('offline');
  useEffect(() => {
    let gone = false;
    void whyMissing().then((found) => !gone && setWhy(found));
    return () => void (gone = true);
  }, []);
  return (
    <View render="main" role="alert" padding="$5" gap="$3" maxWidth={560}>
      <Title aria-level={1}>{t(`part.${why}`)}</Title>
      <Words>{t(`part.${why}Hint`)}</Words>
      <View flexDirection="row" gap="$3">
        {why === 'new-version' ? (
          <Button
            kind="main"
            label={t('part.reload')}
            onPress={() => globalThis.location.reload()}
          />
        ) : (
          <Button kind="main" label={t('tryAgain')} onPress={onRetry} />
        )}
      </View>
    </View>
  );
}
