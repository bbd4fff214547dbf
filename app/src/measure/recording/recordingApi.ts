import { readRecording } from '@taxikine/core/exchange/parse/readRecording';
import { record } from '@taxikine/core/media/recorder/record';
import type { RecorderInput } from '@taxikine/core/media/recorder/recorderInput';
import { analyse, type Analysis } from '@taxikine/core/media/recording/analyse';
import type { Curve } from '@taxikine/core/media/recording/curves';
import type { Joint } from '@taxikine/core/records/recordings/joints';
import type { ColumnMap } from '@taxikine/core/media/recording/readTable';
import type { RecordingHead } from '@taxikine/core/records/recordings/recording';
import { tooLarge } from '@taxikine/core/media/recording/recordingProblems';
import { middle } from '@taxikine/core/media/recording/scene';

/** What is being done just now. */
export type Stage = 'playing' | 'reading' | 'measuring';
export type OnStage = (stage: Stage) => void;

/** A recording as a screen shows it: measured, and its points to draw. */
export interface Shown {
  readonly analysis: Analysis;
  readonly curves: readonly Curve[];
  /** Steps a second of the points below. */
  readonly rate: number;
  /** Smoothed points turned upright; metres, or pixels where no scale is known. */
  readonly points: Readonly<
    Partial<Record<Joint, { readonly x: Float32Array; readonly z: Float32Array }>>
  >;
  /** Height of what moves: hips, in a hinge shoulders. */
  readonly height: Float32Array;
  /** The recording as a document, to keep; null for a file that somebody has already. */
  readonly document: string | null;
}

export type Outcome =
  | { readonly status: 'shown'; readonly shown: Shown }
  | { readonly status: 'columns'; readonly names: readonly string[]; readonly known: ColumnMap }
  | { readonly status: 'bad'; readonly problems: readonly string[] };

const bad = (...problems: string[]): Outcome => ({ status: 'bad', problems });

function measured(
  text: string,
  known: RecordingHead,
  columns: ColumnMap | undefined,
  document: string | null,
  onStage: OnStage,
): Outcome {
  const read = readRecording(text, columns);
  if (read.status === 'columns') return read;
  if (read.status === 'bad')
    return bad(
      ...read.problems.map(({ path, message }) => (path ? `${path}: ${message}` : message)),
    );
  onStage('measuring');
  const answer = analyse(read.value, known);
  if (answer.status !== 'analysed') return bad(answer.why);
  const { analysis, curves, scene } = answer;
  const height = middle(scene, analysis.pattern === 'hinge' ? 'shoulder' : 'hip')!.z;
  const points = Object.fromEntries([...scene.paths].map(([joint, { x, z }]) => [joint, { x, z }]));
  const shown: Shown = { analysis, curves, rate: scene.rate, points, height, document };
  return { status: 'shown', shown };
}

/** What the recording's worker answers. */
export const recordingApi = {
  /** Reads a file and measures it; `known` is what the app knows besides. */
  async measureFile(
    file: Blob,
    known: RecordingHead,
    columns: ColumnMap | undefined,
    onStage: OnStage,
  ): Promise<Outcome> {
    const large = tooLarge(file.size);
    if (large) return bad(large.message);
    onStage('reading');
    return measured(await file.text(), known, columns, null, onStage);
  },

  /** Plays and films a body with the simulated recorder, then measures what it filmed. */
  measurePlayed(input: RecorderInput, onStage: OnStage): Outcome {
    onStage('playing');
    const played = record(input);
    if (played.status === 'impossible') return bad(played.why);
    const document = JSON.stringify(played.document);
    onStage('reading');
    return measured(document, {}, undefined, document, onStage);
  },
};

export type RecordingApi = typeof recordingApi;
