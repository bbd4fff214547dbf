import { clearedFor } from '@taxikine/core/inference/safety/clearedFor';
import { newestWords } from '@taxikine/core/inference/safety/newestWords';
import type { Clearance } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import { useState } from 'react';
import type { OpenVisit } from '../../data/useVisit';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { ClearSheet } from './ClearSheet';

/** What clinicians cleared, each until there is a newer word; nothing where nobody had to. */
export function ClearedWords({ open }: { open: OpenVisit }) {
  const t = useText();
  const [again, setAgain] = useState<Clearance | null>(null);
  const { client, visit } = open.visit;
  const onDay = visit.openedOn.slice(0, 10);
  const said = newestWords(client.clearances).flatMap((clearance) =>
    clearedFor([clearance], onDay).map((says) => ({ clearance, says })),
  );
  return (
    <>
      {said.map(({ clearance, says }) => (
        <View
          key={clearance.question}
          gap="$2"
          borderTopWidth={1}
          borderColor="$rule"
          paddingTop="$2"
        >
          <Words>{says}</Words>
          <Button
            tight
            small
            label={t('ask.newerWord')}
            says={`${t('ask.newerWord')}: ${says}`}
            onPress={() => setAgain(clearance)}
          />
        </View>
      ))}
      {again ? <ClearSheet open={open} cleared={again} onClose={() => setAgain(null)} /> : null}
    </>
  );
}
