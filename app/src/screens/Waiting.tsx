import { View } from '@tamagui/core';
import { Refused } from '../data/api';
import { useText } from '../words/useText';
import { NotThere } from './NotThere';
import { Unreachable } from './Unreachable';

/** While a file is being read: bones of the page; or why it is not there. */
export function Waiting({ error, onRetry }: { error: unknown; onRetry: () => void }) {
  const t = useText();
  if (error instanceof Refused && (error.status === 404 || error.status === 422))
    return <NotThere />;
  if (error) return <Unreachable onRetry={onRetry} />;
  return (
    <View render="main" padding="$5" gap="$4" aria-busy aria-label={t('loading')}>
      {[220, 340, 280].map((width) => (
        <View
          key={width}
          height={20}
          width={width}
          maxWidth="100%"
          borderRadius="$1"
          backgroundColor="$rule"
          opacity={0.6}
        />
      ))}
    </View>
  );
}
