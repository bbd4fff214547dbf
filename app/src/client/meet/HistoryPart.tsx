import type { GivenCause, HistoryItem } from '@taxikine/core/records/case/caseFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { BodyMap } from './BodyMap';
import type { BodyPlace } from './bodyPlaces';
import { JointSheet } from './JointSheet';
import { givenWords, historyWords } from './toldWords';

export interface HistoryPartProps {
  readonly history: HistoryItem[];
  readonly given: GivenCause[];
  readonly onHistory: (items: HistoryItem[]) => void;
  readonly onGiven: (items: GivenCause[]) => void;
}

/** Fits beside nothing on the narrowest phone. */
const MAP = { width: 280, height: 420 } as const;

/** History by joint and side, told on the figure; what was told as a list beside it. */
export function HistoryPart({ history, given, onHistory, onGiven }: HistoryPartProps) {
  const t = useText();
  const [place, setPlace] = useState<BodyPlace | null>(null);
  const joints = history.filter(({ region, note }) => region && !note);
  return (
    <View gap="$2" role="group" aria-label={t('client.history')}>
      <Title small aria-level={2}>
        {t('client.history')}
      </Title>
      <Words small soft>
        {t('meet.mapLead')}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$4" justifyContent="center">
        <BodyMap history={history} given={given} {...MAP} onPlace={setPlace} />
        <View flexGrow={1} minWidth={220} gap="$1">
          {joints.length + given.length === 0 ? <Words soft>{t('meet.nothingTold')}</Words> : null}
          {joints.map((item) => (
            <Told
              key={historyWords(item, t)}
              words={historyWords(item, t)}
              onRemove={() => onHistory(history.filter((one) => one !== item))}
            />
          ))}
          {given.map((one) => (
            <Told
              key={givenWords(one, t)}
              words={givenWords(one, t)}
              onRemove={() => onGiven(given.filter((other) => other !== one))}
            />
          ))}
        </View>
      </View>
      {place ? (
        <JointSheet
          place={place}
          history={history}
          given={given}
          onHistory={onHistory}
          onGiven={onGiven}
          onClose={() => setPlace(null)}
        />
      ) : null}
    </View>
  );
}

function Told({ words, onRemove }: { words: string; onRemove: () => void }) {
  const t = useText();
  return (
    <View flexDirection="row" justifyContent="space-between" alignItems="center" gap="$2">
      <Words flexShrink={1}>{words}</Words>
      <Button
        kind="quiet"
        tight
        small
        label={t('remove')}
        says={`${t('remove')}: ${words}`}
        onPress={onRemove}
      />
    </View>
  );
}
