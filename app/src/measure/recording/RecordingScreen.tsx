import type { Pattern } from '@taxikine/core/body/stance/patterns';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { keptRecording } from '@taxikine/core/media/recording/keptRecording';
import type { RecordingHead } from '@taxikine/core/records/recordings/recording';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useFile, useUpdate } from '../../data/useFile';
import { useVisit, type OpenVisit } from '../../data/useVisit';
import { ColumnMapper } from './ColumnMapper';
import { ShownRecording } from './ShownRecording';
import { SourceChoice } from './SourceChoice';
import { playedBody } from './standInCamera';
import type { Shown } from './recordingApi';
import { KeptRecordings } from './KeptRecordings';
import { storeRecording } from '../../data/recordingStore';
import { useRecording, type RecordingState, type Source } from './useRecording';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useWide } from '../../ui/useWide';
import { useText } from '../../words/useText';
import { Header } from '../../frame/Header';
import { NotThere } from '../../frame/NotThere';
import { Waiting } from '../../frame/Waiting';

/** A recording of this look: opened or filmed, measured on the device, and what it proposes. */
export function RecordingScreen({ clientId, visitId }: { clientId: string; visitId: string }) {
  const file = useFile(clientId);
  const open = useVisit(file.data, visitId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  const look = open?.visit.first;
  if (!open || !look) return <NotThere />;
  return <Recordings file={file.data} open={open} look={look} />;
}

/** What the app knows of the body and the set-up, besides what a file says. */
const knownOf = ({ client }: ClientFile, look: LookRecord, pattern: Pattern): RecordingHead => ({
  pattern,
  heightM: client.heightM,
  massKg: client.massKg,
  segments: client.segments,
  setup: look.setup,
});

interface RecordingsProps {
  readonly file: ClientFile;
  readonly open: OpenVisit;
  readonly look: LookRecord;
}

function Recordings({ file, open, look }: RecordingsProps) {
  const t = useText();
  const update = useUpdate();
  const { wide, width } = useWide();
  const { state, measure, letGo } = useRecording();
  const { pattern, id } = open.visit.visit;
  /** Opened from what was kept: it is not kept once more. */
  const [reopened, setReopened] = useState<Source | null>(null);
  const [keptShown, setKeptShown] = useState<Shown | null>(null);
  const keep = (shown: Shown, source: Source) => {
    const kept = keptRecording(shown.analysis, {
      id: crypto.randomUUID(),
      on: new Date().toISOString(),
    });
    const points =
      source.from === 'file'
        ? source.file
        : new Blob([shown.document ?? ''], { type: 'application/json' });
    void storeRecording(kept.id, points);
    update('looks', look, (latest) => ({ ...latest, recordings: [...latest.recordings, kept] }));
    setKeptShown(shown);
  };
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header
        title={t('recording.title')}
        note={file.client.name}
        back={`/clients/${file.client.id}/visits/${id}`}
      />
      <View render="main" flex={1} minHeight={0} style={{ overflowY: 'auto' }}>
        {state.status === 'shown' ? (
          <ShownRecording
            key={state.shown.analysis.seconds}
            shown={state.shown}
            look={look}
            onLook={(change) => update('looks', look, change)}
            onAnother={letGo}
            onKeep={
              keptShown === state.shown || state.source === reopened
                ? null
                : () => keep(state.shown, state.source)
            }
            width={width}
            wide={wide}
          />
        ) : (
          <View padding="$4" gap="$5" maxWidth={560}>
            <Trouble state={state} />
            {state.status === 'working' ? (
              <View gap="$3">
                <Title small aria-level={2} role="status">
                  {t(`recording.stage.${state.stage}`)}
                </Title>
                <Button label={t('cancel')} onPress={letGo} />
              </View>
            ) : state.status === 'columns' ? (
              <ColumnMapper
                names={state.names}
                known={state.known}
                onDone={(columns) => measure(state.source, columns)}
              />
            ) : (
              <>
                <KeptRecordings
                  kept={look.recordings}
                  onOpen={(chosen) => {
                    const source: Source = {
                      from: 'file',
                      file: chosen,
                      known: knownOf(file, look, pattern),
                    };
                    setReopened(source);
                    void measure(source);
                  }}
                />
                <SourceChoice
                  pattern={pattern}
                  onFile={(chosen) =>
                    measure({ from: 'file', file: chosen, known: knownOf(file, look, pattern) })
                  }
                  onPlay={(view, plays) =>
                    measure({
                      from: 'recorder',
                      input: playedBody(file, look, pattern, view, plays, Date.now() % 1_000_000),
                    })
                  }
                />
              </>
            )}
          </View>
        )}
      </View>
    </View>
  );
}

/** What is wrong with a file, with the place in it; nothing else is lost. */
function Trouble({ state }: { state: RecordingState }) {
  const t = useText();
  if (state.status !== 'bad') return null;
  const name = state.source.from === 'file' ? state.source.file.name : t('recording.standIn');
  return (
    <View role="alert" gap="$1" borderLeftWidth={3} borderColor="$accent" paddingLeft="$3">
      <Words bold>{t('recording.bad', { name })}</Words>
      {state.problems.slice(0, 5).map((problem) => (
        <Words key={problem}>{problem}</Words>
      ))}
      <Words small soft>
        {t('recording.badSafe')}
      </Words>
    </View>
  );
}
