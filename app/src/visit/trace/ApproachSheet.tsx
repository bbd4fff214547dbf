import { APPROACHES, type ApproachId } from '@taxikine/core/knowledge/approaches';
import type { PlannedDrill } from '@taxikine/core/planning/session/planSession';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useUpdate } from '../../data/useFile';
import { ApproachPart } from './ApproachPart';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Title, Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import { nextName } from './nextWords';
import { useApproachPreview, type ApproachPreview } from './useApproachPreview';

export interface ApproachSheetProps {
  readonly visit: VisitFile;
  readonly found: Trace;
  readonly onClose: () => void;
}

const nameOf = (id: ApproachId): string => APPROACHES.find((row) => row.id === id)!.name;

const drillWords = ({ drill, side }: PlannedDrill, t: TextOf): string =>
  side ? `${drill.name}, ${t(side)}` : drill.name;

/** Another school for this client: what it asks first, what the session becomes, and what that costs. */
export function ApproachSheet({ visit, found, onClose }: ApproachSheetProps) {
  const t = useText();
  const update = useUpdate();
  const { approach: own } = visit.client;
  const [approach, setApproach] = useState(own);
  const now = useApproachPreview(visit, found, own);
  const other = useApproachPreview(visit, found, approach);
  const take = () => {
    update('clients', visit.client, (latest) => ({ ...latest, approach }));
    onClose();
  };
  return (
    <Sheet title={t('trace.approach.title')} open onClose={onClose}>
      <ApproachPart approach={approach} onChange={setApproach} />
      <View gap="$4" flexDirection="row">
        <Preview name={`${nameOf(own)} (${t('trace.approach.now')})`} shown={now} />
        {approach === own ? null : <Preview name={nameOf(approach)} shown={other} against={now} />}
      </View>
      <Words small soft>
        {t('trace.approach.causesStay')}
      </Words>
      {approach === own ? null : (
        <Button
          kind="main"
          label={t('trace.approach.take', { name: nameOf(approach) })}
          onPress={take}
        />
      )}
    </Sheet>
  );
}

interface PreviewProps {
  readonly name: string;
  readonly shown: ApproachPreview;
  /** What it is held against: what is new stands out. */
  readonly against?: ApproachPreview;
}

function Preview({ name, shown, against }: PreviewProps) {
  const t = useText();
  const known = new Set([
    ...(against?.asks ?? []).map((one) => nextName(one, t)),
    ...(against?.drills ?? []).map((one) => drillWords(one, t)),
  ]);
  const isNew = (words: string) => against !== undefined && !known.has(words);
  return (
    <View flex={1} gap="$1" role="group" aria-label={name}>
      <Title small aria-level={3}>
        {name}
      </Title>
      <Words small soft>
        {t('trace.approach.asks')}
      </Words>
      {shown.asks?.map((one) => (
        <Words key={nextName(one, t)} small bold={isNew(nextName(one, t))}>
          {nextName(one, t)}
        </Words>
      ))}
      {shown.asks?.length === 0 ? <Words small>{t('trace.approach.nothing')}</Words> : null}
      <Words small soft paddingTop="$2">
        {t('trace.approach.does')}
      </Words>
      {shown.drills.map((one, i) => (
        <Words key={`${one.drill.id}${one.side}`} small bold={isNew(drillWords(one, t))}>
          {i + 1}. {drillWords(one, t)}
        </Words>
      ))}
    </View>
  );
}
