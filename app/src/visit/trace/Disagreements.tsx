import { APPROACHES } from '@taxikine/core/knowledge/approaches';
import type { DisagreementRow } from '@taxikine/core/knowledge/disagreements';
import { disagreementsFor } from '@taxikine/core/inference/trace/disagreementsFor';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** Questions on which schools differ, where they matter to this client; each opens to its sides. */
export function Disagreements({ visit, found }: { visit: VisitFile; found: Trace }) {
  const t = useText();
  const [open, setOpen] = useState<string | null>(null);
  const rows = disagreementsFor(caseFileOf(visit), found, visit.visit.next);
  if (rows.length === 0) return null;
  return (
    <View gap="$1">
      <Title small aria-level={3}>
        {t('trace.schools.title')}
      </Title>
      {rows.map((row) => (
        <View key={row.id} borderTopWidth={1} borderColor="$rule">
          <Button
            kind="quiet"
            left
            tight
            label={row.question}
            expanded={open === row.id}
            onPress={() => setOpen(open === row.id ? null : row.id)}
          />
          {open === row.id ? <Sides row={row} approach={visit.client.approach} /> : null}
        </View>
      ))}
    </View>
  );
}

function Sides({
  row,
  approach,
}: {
  row: DisagreementRow;
  approach: VisitFile['client']['approach'];
}) {
  const t = useText();
  const names = (ids: readonly string[]) =>
    APPROACHES.filter(({ id }) => ids.includes(id))
      .map(({ name }) => name)
      .join(', ');
  return (
    <View gap="$2" paddingBottom="$3" paddingLeft="$2">
      {row.sides.map(({ says, approaches }) => (
        <View
          key={says}
          borderLeftWidth={approaches.includes(approach) ? 4 : 1}
          borderColor={approaches.includes(approach) ? '$accent' : '$rule'}
          paddingLeft="$2"
        >
          <Words small>{says}</Words>
          <Words tiny soft>
            {t('trace.schools.leans', { names: names(approaches) })}
          </Words>
        </View>
      ))}
      <Words small bold>
        {t('trace.schools.byDefault', { words: row.byDefault })}
      </Words>
      <Words small>{row.because}</Words>
    </View>
  );
}
