import { isStaggered, type Pattern } from '../../body/stance/patterns';
import { degOfRad } from '../../foundation/numeric/angle';
import { SIDES, type Side } from '../../foundation/sides/side';
import { curvesOf, type Curve } from './curves';
import { unitOf, type Measured, type NotMeasured } from '../../records/recordings/measures';
import { hangingLegOf, onTheFloor } from './onTheFloor';
import { proposalsOf, type Proposal } from './proposals';
import { readingsOf, type Reading } from './readings';
import type { Recording, RecordingHead, RecordingView } from '../../records/recordings/recording';
import { proportionsOf } from './proportions';
import { findRepetitions, type Repetition } from './repetitions';
import { jointOf, middle, sceneOf, seenFrom, type Scene } from './scene';
import { uniformOf } from './uniform';
import { hipHeightM, isSideView, uprightOf, type Upright } from './upright';

/** One repetition, in seconds since the recording began. */
export interface RepetitionTimes {
  readonly start: number;
  readonly bottomFrom: number;
  readonly bottom: number;
  readonly bottomTo: number;
  readonly end: number;
}

export interface Analysis {
  readonly pattern: Pattern;
  readonly view: RecordingView;
  readonly seconds: number;
  readonly framesPerSecond: number;
  readonly cutoffHz: number;
  /** How far the camera was found to be rolled, degrees counter-clockwise in the picture. */
  readonly rollDeg: number;
  readonly pixelsPerMetre: number | null;
  readonly repetitions: readonly RepetitionTimes[];
  readonly measures: readonly Measured[];
  readonly notMeasured: readonly NotMeasured[];
  readonly proposals: readonly Proposal[];
  readonly notes: readonly string[];
}

export type Analysed =
  | {
      readonly status: 'analysed';
      readonly analysis: Analysis;
      /** For drawing: every measure through every repetition, and the points themselves. */
      readonly curves: readonly Curve[];
      readonly scene: Upright;
    }
  /** Nothing can be made of it; why. */
  | { readonly status: 'unreadable'; readonly why: string };

/** What a recording without a word on it is taken for. */
const PATTERN: Pattern = 'squat';

/**
 * Measures every repetition of a recording: even steps, smoothing by residual analysis, repetitions by
 * the height of the hips (in a hinge of the shoulders), the picture turned upright, and each measure
 * with its spread. What the points do not show is named and not made up.
 *
 * @param known what is known besides the file: the client's body, the set-up of the look
 */
export function analyse(recording: Recording, known: RecordingHead = {}): Analysed {
  const told: RecordingHead = { ...known, ...recording.head };
  const head: RecordingHead = { ...told, pattern: told.pattern ?? PATTERN };
  const even = uniformOf(recording);
  const seen = seenFrom(even);
  const view = head.view ?? seen;
  if (!view) return { status: 'unreadable', why: 'shoulders or hips are hardly ever seen' };
  const { pattern = PATTERN } = head;
  const hanging = hangingLegOf(head);
  const rough = sceneOf(onTheFloor(even, hanging));
  const height = middle(rough, pattern === 'hinge' ? 'shoulder' : 'hip');
  const standing = standingHeight(rough);
  if (!height || standing === null)
    return { status: 'unreadable', why: 'hips or ankles are hardly ever seen' };
  const repetitions = findRepetitions(height.z, rough.rate, standing);
  const scene = uprightOf(rough, view, head, repetitions);
  const front = isStaggered(pattern) ? frontOf(scene, head) : null;
  const from = isSideView(view) ? 'side' : 'frontal';
  const readings = readingsOf({ scene, head, front, pattern }, from);
  const measures = repetitions.length > 0 ? measuresOf(readings, repetitions) : [];
  const second = (step: number) => step / even.rate;
  const analysis: Analysis = {
    pattern,
    view,
    seconds: (even.count - 1) / even.rate,
    framesPerSecond: even.rate,
    cutoffHz: rough.cutoffHz,
    rollDeg: degOfRad(scene.rollRad),
    pixelsPerMetre: scene.pixelsPerMetre,
    repetitions: repetitions.map(({ start, bottomFrom, bottom, bottomTo, end }) => ({
      start: second(start),
      bottomFrom: second(bottomFrom),
      bottom: second(bottom),
      bottomTo: second(bottomTo),
      end: second(end),
    })),
    measures,
    notMeasured: [...readings.flatMap((one) => unreadOf(one, hanging)), NO_TUCK],
    proposals: proposalsOf({
      pattern,
      head: { ...head, segments: { ...proportionsOf(scene, head), ...head.segments } },
      front,
      measures,
      hipHeightM: hipHeightM(
        scene,
        repetitions.map(({ bottom }) => Math.round(bottom)),
      ),
    }),
    notes: [
      ...recording.notes,
      ...oddities(recording, told, view, even.paths.size),
      ...(seen && seen !== view ? [swappedWords(view, seen)] : []),
    ],
  };
  return { status: 'analysed', analysis, curves: curvesOf(readings, repetitions), scene };
}

/** What could not be read, and why. */
function unreadOf(one: Reading | NotMeasured, hanging: Side | null): NotMeasured[] {
  if (!('why' in one)) return [];
  return hanging && one.side === hanging
    ? [{ ...one, why: `the ${hanging} leg is in the air` }]
    : [one];
}

const NO_TUCK: NotMeasured = {
  measure: 'pelvis-tuck',
  side: null,
  why: 'these points show no low back: watch it by eye',
};

/** Hips over ankles as the body stands, in pixels. */
function standingHeight(scene: Scene): number | null {
  const [hips, ankles] = [middle(scene, 'hip'), middle(scene, 'ankle')];
  if (!hips || !ankles) return null;
  let most = 0;
  for (let i = 0; i < scene.count; i++) most = Math.max(most, hips.z[i] - ankles.z[i]);
  return most;
}

/** The front foot of a step: as said, otherwise the one that is further ahead. */
function frontOf({ paths, standing, view }: Upright, { setup }: RecordingHead): Side {
  if (setup?.front) return setup.front;
  if (!isSideView(view)) return 'left';
  const ahead = SIDES.map((side) => {
    const path = paths.get(jointOf(side, 'ankle'));
    return path ? standing.reduce((sum, i) => sum + path.x[i], 0) / standing.length : -Infinity;
  });
  return ahead[0] >= ahead[1] ? 'left' : 'right';
}

function measuresOf(
  readings: readonly (Reading | NotMeasured)[],
  repetitions: readonly Repetition[],
): Measured[] {
  return readings.flatMap((reading) => {
    if ('why' in reading) return [];
    const perRepetition = repetitions.map(reading.of);
    const { measure, side, confidence } = reading;
    return [
      { measure, side, unit: unitOf(measure), perRepetition, ...spread(perRepetition), confidence },
    ];
  });
}

function spread(values: readonly number[]): { mean: number; sd: number | null } {
  const mean = values.reduce((sum, one) => sum + one, 0) / values.length;
  if (values.length < 2) return { mean, sd: null };
  const squares = values.reduce((sum, one) => sum + (one - mean) ** 2, 0);
  return { mean, sd: Math.sqrt(squares / (values.length - 1)) };
}

/** Left and right trade places in a mirrored picture, and where a file names the wrong view. */
const swappedWords = (said: RecordingView, seen: RecordingView): string =>
  `the camera is said to be at: ${said}, but it looks like: ${seen}; are left and right swapped?`;

/** What a coach should know before trusting the numbers. */
function oddities(
  { times }: Recording,
  head: RecordingHead,
  view: RecordingView,
  joints: number,
): string[] {
  let gaps = 0;
  for (let i = 1; i < times.length; i++) if (times[i] - times[i - 1] > LONG_GAP_S) gaps += 1;
  return [
    ...(head.view ? [] : [`camera taken to be at: ${view}`]),
    ...(head.pattern ? [] : [`pattern taken to be: ${PATTERN}`]),
    ...(gaps > 0 ? [`${gaps} gaps of more than ${LONG_GAP_S} s are filled in`] : []),
    ...(joints < 12 ? [`only ${joints} joints are seen in at least half of the frames`] : []),
  ];
}
const LONG_GAP_S = 0.4;
