import { standingCautions } from '@taxikine/core/inference/safety/cautionsOf';
import { clearedFor } from '@taxikine/core/inference/safety/clearedFor';
import { painsOf } from '@taxikine/core/inference/visit/painsOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** What pain, flags and clinicians ask for, in every step that puts a client to work; nothing where none was told. */
export function CareStrip({ visit }: { visit: VisitFile }) {
  const t = useText();
  const says = useMemo(() => {
    const look = visit.again ?? visit.first;
    const pain = painsOf([visit.first, visit.again]);
    const { client, visit: sitting } = visit;
    return [
      ...standingCautions({ client, look: { pain, ...(look ? { setup: look.setup } : {}) } }),
      ...clearedFor(client.clearances, sitting.openedOn.slice(0, 10)),
    ];
  }, [visit]);
  if (says.length === 0) return null;
  return (
    <View
      gap="$1"
      padding="$3"
      borderWidth={1.5}
      borderColor="$accent"
      borderRadius={8}
      backgroundColor="$raised"
      role="note"
      aria-label={t('guide.keep')}
    >
      {says.map((one) => (
        <Words key={one} small>
          {one}
        </Words>
      ))}
    </View>
  );
}
