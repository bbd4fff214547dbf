import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { RecorderInput } from '@taxikine/core/media/recorder/recorderInput';
import type { ColumnMap } from '@taxikine/core/media/recording/readTable';
import type { RecordingHead } from '@taxikine/core/records/recordings/recording';
import type { Outcome, Stage } from './recordingApi';
import {
  giveBack,
  readyRecordingWorker,
  takeRecordingWorker,
  type RecordingWorker,
} from './recordingWorker';

/** What is measured: a file, with its columns where they had to be told, or a played body. */
export type Source =
  | { readonly from: 'file'; readonly file: File; readonly known: RecordingHead }
  | { readonly from: 'recorder'; readonly input: RecorderInput };

export type RecordingState =
  | { readonly status: 'none' }
  | { readonly status: 'working'; readonly source: Source; readonly stage: Stage }
  | (Outcome & { readonly source: Source });

const asked = (
  { ask, broken }: RecordingWorker,
  source: Source,
  columns: ColumnMap | undefined,
  on: (stage: Stage) => void,
): Promise<Outcome> =>
  Promise.race([
    source.from === 'file'
      ? ask.measureFile(source.file, source.known, columns, proxy(on))
      : ask.measurePlayed(source.input, proxy(on)),
    broken.then((why): Outcome => ({ status: 'bad', problems: [why] })),
  ]).catch((error: unknown): Outcome => ({ status: 'bad', problems: [String(error)] }));

/**
 * Measures a recording in a worker of its own; letting go of it, or of the screen, ends the worker in
 * the middle of whatever it does. Needs no server once a worker is loaded.
 */
export function useRecording() {
  const [state, setState] = useState<RecordingState>({ status: 'none' });
  const worker = useRef<RecordingWorker | null>(null);
  const end = useCallback(() => {
    if (!worker.current) return;
    worker.current.end();
    worker.current = null;
    readyRecordingWorker();
  }, []);
  useEffect(() => {
    readyRecordingWorker();
    return end;
  }, [end]);

  const measure = useCallback(
    async (source: Source, columns?: ColumnMap) => {
      end();
      const mine = takeRecordingWorker();
      worker.current = mine;
      const isMine = () => worker.current === mine;
      const onStage = (stage: Stage) => isMine() && setState({ status: 'working', source, stage });
      setState({ status: 'working', source, stage: 'reading' });
      const outcome = await asked(mine, source, columns, onStage);
      if (!isMine()) return;
      worker.current = null;
      giveBack(mine);
      setState({ ...outcome, source });
    },
    [end],
  );
  const letGo = useCallback(() => {
    end();
    setState({ status: 'none' });
  }, [end]);
  return { state, measure, letGo };
}
