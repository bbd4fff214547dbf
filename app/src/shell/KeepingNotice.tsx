import { View } from '@tamagui/core';
import { useEffect } from 'react';
import { keepingTrouble } from '../data/keeping';
import { useStore } from '../device/store';
import { useUnsent } from '../data/useFile';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

/** Asks before the page is left. */
function useStay(needed: boolean): void {
  useEffect(() => {
    if (!needed) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [needed]);
}

/** Where this device keeps nothing: said, and nobody leaves by mistake with something that is not sent. */
export function KeepingNotice() {
  const t = useText();
  const trouble = useStore(keepingTrouble);
  const unsent = useUnsent();
  useStay(trouble !== null && unsent > 0);
  if (!trouble) return null;
  return (
    <View
      role="status"
      paddingHorizontal="$4"
      paddingVertical="$2"
      borderTopWidth={1.5}
      borderColor="$ink"
      backgroundColor="$raised"
      flexShrink={0}
    >
      <Words small>{t(`keeping.${trouble}`)}</Words>
    </View>
  );
}
