import { oneFault } from '@taxikine/core/knowledge/faults';
import type { Pattern } from '@taxikine/core/body/stance/patterns';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { ESCAPES } from '@taxikine/core/media/recorder/escape';
import type { RecordingView } from '@taxikine/core/records/recordings/recording';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Pick } from '../../ui/Pick';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { causesToPlay, playable, PLAYS_NOTHING, type Plays } from './plays';

const VIEWS: readonly RecordingView[] = ['right', 'left', 'front', 'back'];

/** What the stand-in camera is asked to play; a fault that this view does not show is none. */
function usePlays(pattern: Pattern) {
  const [view, setView] = useState<RecordingView>('right');
  const [plays, setPlays] = useState<Plays>(PLAYS_NOTHING);
  const faults = playable(pattern, view);
  const fault = plays.fault && faults.includes(plays.fault) ? plays.fault : null;
  const change = (part: Partial<Plays>) => setPlays((now) => ({ ...now, ...part }));
  return { view, setView, faults, plays: { ...plays, fault }, change };
}

export interface StandInChoiceProps {
  readonly pattern: Pattern;
  readonly onPlay: (view: RecordingView, plays: Plays) => void;
}

/** The stand-in camera: where it stands, and what it plays besides this client’s ranges. */
export function StandInChoice({ pattern, onPlay }: StandInChoiceProps) {
  const t = useText();
  const { view, setView, faults, plays, change } = usePlays(pattern);
  const causes = causesToPlay();
  return (
    <View gap="$3">
      <Title small aria-level={2}>
        {t('recording.standIn')}
      </Title>
      <Words>{t('recording.standInHint')}</Words>
      <Choice
        label={t('recording.camera')}
        options={VIEWS.map((value) => ({ value, label: t(`fit.views.${value}`) }))}
        value={view}
        onChange={setView}
      />
      <Pick
        label={t('recording.behind')}
        options={[
          { value: '', label: t('recording.playsNothing') },
          ...causes.map(({ key, words }) => ({ value: key, label: words })),
        ]}
        value={plays.cause?.key ?? ''}
        onChange={(key) => change({ cause: causes.find((one) => one.key === key) ?? null })}
      />
      <Choice
        label={t('recording.ankleEnds')}
        options={ESCAPES.map((value) => ({ value, label: t(`recording.escape.${value}`) }))}
        value={plays.escape}
        onChange={(escape) => change({ escape })}
      />
      <Choice
        label={t('recording.plays')}
        options={[
          { value: null, label: t('recording.playsNothing') },
          ...faults.map((value) => ({
            value,
            label: fillSide(oneFault(value).sentence, 'left').replace(/ to the left| left/i, ''),
          })),
        ]}
        value={plays.fault}
        onChange={(fault) => change({ fault })}
      />
      <Button label={t('recording.record')} onPress={() => onPlay(view, plays)} />
    </View>
  );
}
