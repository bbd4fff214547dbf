import Papa from 'papaparse';
import { readKeypoints } from '../../media/recording/readKeypoints';
import {
  knownColumns,
  POINT_COLUMNS,
  readTable,
  type ColumnMap,
  type TableRow,
} from '../../media/recording/readTable';
import type { Recording } from '../../records/recordings/recording';
import { tooLarge } from '../../media/recording/recordingProblems';
import type { Parsed } from '../../records/schemas/problems';
import { headProblems } from './recordingHeadSchema';

export type RecordingRead =
  | Parsed<Recording>
  /** A table whose columns do not all name themselves: somebody has to say which holds what. */
  | { readonly status: 'columns'; readonly names: readonly string[]; readonly known: ColumnMap };

const bad = (path: string, message: string): Parsed<never> => ({
  status: 'bad',
  problems: [{ path, message }],
});

/**
 * Reads a recording from text: keypoint JSON, or a table with a line for each joint and moment
 * (comma, semicolon or tab; decimal points or commas).
 *
 * @param columns which column of a table holds what, where the names do not say it
 */
export function readRecording(text: string, columns?: ColumnMap): RecordingRead {
  const large = tooLarge(text.length);
  if (large) return { status: 'bad', problems: [large] };
  // A byte order mark, as spreadsheets write it.
  const bare = text.charCodeAt(0) === 0xfeff ? text.slice(1) : text;
  const first = bare.trimStart()[0];
  if (first === undefined) return bad('', 'the file is empty');
  return first === '{' || first === '[' ? fromJson(bare) : fromTable(bare, columns);
}

function fromJson(text: string): Parsed<Recording> {
  try {
    return withSoundHead(readKeypoints(JSON.parse(text)));
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    const ends = /[}\]]\s*$/.test(text.slice(-40));
    return bad('', ends ? `is no JSON: ${why}` : `the file ends in the middle: ${why}`);
  }
}

/** A document that says something impossible of itself is refused by the field. */
function withSoundHead(read: Parsed<Recording>): Parsed<Recording> {
  if (read.status === 'bad') return read;
  const problems = headProblems(read.value.head);
  return problems.length > 0 ? { status: 'bad', problems } : read;
}

function fromTable(text: string, columns?: ColumnMap): RecordingRead {
  const { data, meta } = Papa.parse<TableRow>(text, { header: true, skipEmptyLines: 'greedy' });
  const names = meta.fields ?? [];
  if (names.length < POINT_COLUMNS.length - 1)
    return bad('', 'is neither keypoint JSON nor a table with time, joint, x and y');
  const map = columns ?? knownColumns(names);
  const lacking = POINT_COLUMNS.some((one) => one !== 'confidence' && !map[one]);
  return lacking ? { status: 'columns', names, known: map } : readTable(data, map);
}
