import type { Parsed, Problem } from '../../records/schemas/problems';
import { isJoint, JOINTS, type Joint } from '../../records/recordings/joints';
import { emptyTrack, type Recording, type Track } from '../../records/recordings/recording';
import { timeProblems } from './recordingProblems';

/** What a column of a table of points holds. */
export const POINT_COLUMNS = ['time', 'joint', 'x', 'y', 'confidence'] as const;
type PointColumn = (typeof POINT_COLUMNS)[number];

/** Which column of a table holds what, by its name in the first line. */
export type ColumnMap = Readonly<Partial<Record<PointColumn, string>>>;

/** Columns that name themselves; the rest is for a person to say. */
export function knownColumns(names: readonly string[]): ColumnMap {
  const bare = (name: string) => name.trim().toLowerCase();
  return Object.fromEntries(
    POINT_COLUMNS.flatMap((column) => {
      const name = names.find((one) => bare(one) === column);
      return name === undefined ? [] : [[column, name]];
    }),
  );
}

/** A number with a decimal point or a decimal comma; NaN for anything else. */
function numberIn(text: string | undefined): number {
  const bare = (text ?? '').trim();
  if (!/^[+-]?\d*[.,]?\d+(e[+-]?\d+)?$/i.test(bare)) return NaN;
  return Number(bare.replace(',', '.'));
}

export type TableRow = Readonly<Record<string, string>>;

/** The name of a joint as other programs write it: "Left Ankle", "ankle-left". */
function jointNamed(text: string): Joint | null {
  const words = text
    .trim()
    .toLowerCase()
    .split(/[\s_-]+/);
  const asIs = words.join('_');
  if (isJoint(asIs)) return asIs;
  const last = words[words.length - 1];
  const turned = [last, ...words.slice(0, -1)].join('_');
  return isJoint(turned) ? turned : null;
}

/**
 * Reads a table with one line for each joint and moment: time, joint, x, y and, if there is one,
 * confidence (1 without it).
 *
 * @param rows lines by column name, without the first
 * @param columns which column holds what
 */
export function readTable(rows: readonly TableRow[], columns: ColumnMap): Parsed<Recording> {
  const lacking = POINT_COLUMNS.filter((one) => one !== 'confidence' && !columns[one]);
  if (lacking.length > 0)
    return {
      status: 'bad',
      problems: lacking.map((path) => ({ path, message: 'which column holds it is not known' })),
    };
  const moments = momentsOf(rows, columns as Required<ColumnMap>);
  if ('message' in moments) return { status: 'bad', problems: [moments] };
  const { times, byTime } = moments;
  const problems = timeProblems(times, (frame) => `frame ${frame + 1}, time`);
  if (problems.length > 0) return { status: 'bad', problems };
  return tracksOf(rows, columns as Required<ColumnMap>, times, byTime);
}

interface Moments {
  readonly times: Float64Array;
  readonly byTime: ReadonlyMap<number, number>;
}

/** The moments in the order in which they come. */
function momentsOf(rows: readonly TableRow[], columns: Required<ColumnMap>): Moments | Problem {
  const byTime = new Map<number, number>();
  for (let i = 0; i < rows.length; i++) {
    const time = numberIn(rows[i][columns.time]);
    if (!Number.isFinite(time))
      return {
        path: `line ${i + 2}, ${columns.time}`,
        message: `"${rows[i][columns.time] ?? ''}" is not a time in seconds`,
      };
    if (!byTime.has(time)) byTime.set(time, byTime.size);
  }
  return { times: Float64Array.from(byTime.keys()), byTime };
}

function tracksOf(
  rows: readonly TableRow[],
  columns: Required<ColumnMap>,
  times: Float64Array,
  byTime: ReadonlyMap<number, number>,
): Parsed<Recording> {
  const tracks = new Map<Joint, Track>();
  const strangers = new Set<string>();
  let broken = 0;
  for (const row of rows) {
    const joint = jointNamed(row[columns.joint] ?? '');
    if (!joint) {
      strangers.add(row[columns.joint] ?? '');
      continue;
    }
    const track = tracks.get(joint) ?? emptyTrack(times.length);
    tracks.set(joint, track);
    const frame = byTime.get(numberIn(row[columns.time]))!;
    const [x, y] = [numberIn(row[columns.x]), numberIn(row[columns.y])];
    const sure = columns.confidence ? numberIn(row[columns.confidence]) : 1;
    if (![x, y, sure].every(Number.isFinite)) {
      broken += 1;
      continue;
    }
    track.x[frame] = x;
    track.y[frame] = y;
    track.confidence[frame] = Math.min(1, Math.max(0, sure));
  }
  if (tracks.size === 0)
    return {
      status: 'bad',
      problems: [
        {
          path: columns.joint,
          message: `none of "${[...strangers].slice(0, 4).join('", "')}" is a joint; there are ${JOINTS.join(', ')}`,
        },
      ],
    };
  const notes = [
    ...(broken > 0 ? [`${broken} points are no numbers and count as not seen`] : []),
    ...(strangers.size > 0 ? [`left out: ${[...strangers].slice(0, 8).join(', ')}`] : []),
  ];
  return { status: 'ok', value: { head: {}, times, tracks, notes } };
}
