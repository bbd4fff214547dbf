import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { visitLooseEnds } from '@taxikine/core/reading/visit/visitLooseEnds';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** What nobody came back to in this visit. */
export function LooseHere({ visit }: { visit: VisitFile }) {
  const t = useText();
  const ends = useMemo(() => visitLooseEnds(visit), [visit]);
  if (ends.length === 0) return null;
  return (
    <View gap="$1">
      <Title small aria-level={3}>
        {t('verdict.loosePlural')}
      </Title>
      {ends.map(({ key, kind, what }) => (
        <Words key={key} small>
          {t('verdict.because', { what, why: t(`verdict.looseKinds.${kind}`) })}
        </Words>
      ))}
    </View>
  );
}
