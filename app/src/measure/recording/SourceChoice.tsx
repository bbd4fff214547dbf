import type { Pattern } from '@taxikine/core/body/stance/patterns';
import type { RecordingView } from '@taxikine/core/records/recordings/recording';
import { View } from '@tamagui/core';
import { useRef } from 'react';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { Plays } from './plays';
import { StandInChoice } from './StandInChoice';

export interface SourceChoiceProps {
  readonly pattern: Pattern;
  readonly onFile: (file: File) => void;
  readonly onPlay: (view: RecordingView, plays: Plays) => void;
}

/** Where a recording comes from: a file with points, or the stand-in camera. */
export function SourceChoice({ pattern, onFile, onPlay }: SourceChoiceProps) {
  const t = useText();
  const input = useRef<HTMLInputElement>(null);
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
      <StandInChoice pattern={pattern} onPlay={onPlay} />
    </View>
  );
}
