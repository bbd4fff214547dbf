import { type FaultId, FAULTS, oneFault } from '@taxikine/core/knowledge/faults';
import type { Pattern } from '@taxikine/core/body/stance/patterns';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { PLAYED_FAULTS, type PlayedFault } from '@taxikine/core/media/recorder/recorderInput';
import type { RecordingView } from '@taxikine/core/records/recordings/recording';
import { View } from '@tamagui/core';
import { useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

const VIEWS: readonly RecordingView[] = ['right', 'left', 'front', 'back'];
/** The recorder shows the same person to every camera; these say what can be seen from where. */
const FROM_SIDE: readonly RecordingView[] = ['right', 'left'];

/** Faults of this pattern that the stand-in camera can play and this view shows. */
export function playable(pattern: Pattern, view: RecordingView): PlayedFault[] {
  const wanted = FROM_SIDE.includes(view) ? 'side' : view;
  return (Object.keys(PLAYED_FAULTS) as PlayedFault[]).filter((id) => {
    const row = FAULTS.find((one) => one.id === (id as FaultId))!;
    const { patterns, views }: { patterns: readonly Pattern[]; views: readonly string[] } = row;
    return patterns.includes(pattern) && views.includes(wanted);
  });
}

export interface SourceChoiceProps {
  readonly pattern: Pattern;
  readonly onFile: (file: File) => void;
  readonly onPlay: (view: RecordingView, fault: PlayedFault | null) => void;
}

/** Where a recording comes from: a file with points, or the stand-in camera. */
export function SourceChoice({ pattern, onFile, onPlay }: SourceChoiceProps) {
  const t = useText();
  const input = useRef<HTMLInputElement>(null);
  const [view, setView] = useState<RecordingView>('right');
  const [fault, setFault] = useState<PlayedFault | null>(null);
  const faults = playable(pattern, view);
  const played = fault && faults.includes(fault) ? fault : null;
  return (
    <View gap="$6">
      <View gap="$3">
        <Title small aria-level={2}>
          {t('recording.open')}
        </Title>
        <Words>{t('recording.openHint')}</Words>
        <input
          ref={input}
          type="file"
          aria-label={t('recording.file')}
          accept=".json,.csv,.txt,application/json,text/csv"
          style={{ display: 'none' }}
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) onFile(file);
            event.target.value = '';
          }}
        />
        <Button kind="main" label={t('recording.choose')} onPress={() => input.current?.click()} />
      </View>
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
        <Choice
          label={t('recording.plays')}
          options={[
            { value: null, label: t('recording.playsNothing') },
            ...faults.map((value) => ({
              value,
              label: fillSide(oneFault(value).sentence, 'left').replace(/ to the left| left/i, ''),
            })),
          ]}
          value={played}
          onChange={setFault}
        />
        <Button label={t('recording.record')} onPress={() => onPlay(view, played)} />
      </View>
    </View>
  );
}
