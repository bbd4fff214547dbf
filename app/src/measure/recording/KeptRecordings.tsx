import type { KeptRecording } from '@taxikine/core/records/looks/lookRecord';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { whenAt } from '../../words/when';
import { maybeStoredRecording } from '../../data/recordingStore';

export interface KeptRecordingsProps {
  readonly kept: readonly KeptRecording[];
  readonly onOpen: (file: File) => void;
}

/** Recordings whose measures were kept with the look; their points open again where they were read. */
export function KeptRecordings({ kept, onOpen }: KeptRecordingsProps) {
  const t = useText();
  const [elsewhere, setElsewhere] = useState<string | null>(null);
  if (kept.length === 0) return null;
  const open = async ({ id }: KeptRecording) => {
    const stored = await maybeStoredRecording(id);
    if (stored) onOpen(new File([stored], 'recording.json', { type: stored.type }));
    else setElsewhere(id);
  };
  return (
    <View gap="$1" role="group" aria-label={t('recording.keptTitle')}>
      <Title small aria-level={2}>
        {t('recording.keptTitle')}
      </Title>
      {kept.map((one) => (
        <View key={one.id}>
          <Button
            left
            kind="quiet"
            label={t('recording.summary', {
              count: one.repetitions,
              view: t(`recording.from.${one.view}`),
            })}
            note={whenAt(one.on)}
            onPress={() => void open(one)}
          />
          {elsewhere === one.id ? (
            <Words small soft role="status">
              {t('recording.elsewhere')}
            </Words>
          ) : null}
        </View>
      ))}
    </View>
  );
}
