import {
  PLAYED_FAULTS,
  record,
  USUAL_SETUP,
  type PlayedFault,
  analyse,
  measuredOf,
  readKeypoints,
  type Analysis,
  type MeasureId,
} from '../src';
import type { RecordingView } from '../src/records/recordings/recording';
import type { InjectedFault, RecorderInput } from '../src/media/recorder/recorderInput';
import type { RecordedDocument } from '../src/media/recorder/record';
import { seeded, within } from '../src/foundation/numeric/random';
import { randomBody } from '../tests/randomBodies';

/**
 * How well recordings are measured: simulated ones, whose truth is known, over random bodies, depths,
 * tempos, cameras and faults. Prints the table of docs/accuracy.md.
 */
const SEEDS = Number(process.argv[2] ?? 1000);
const VIEWS: readonly RecordingView[] = ['right', 'left', 'front', 'back'];

/** Which faults a camera can see from where. */
const SEEN: Readonly<Record<'side' | 'frontal', readonly PlayedFault[]>> = {
  side: ['depth-short', 'trunk-folds', 'heel-lifts', 'hips-rise-first'],
  frontal: ['hips-slide', 'trunk-side-bends', 'knee-in', 'foot-turns-out'],
};
const SIDED: readonly PlayedFault[] = [
  'heel-lifts',
  'hips-slide',
  'trunk-side-bends',
  'knee-in',
  'foot-turns-out',
];

type Random = () => number;
const oneOf = <T>(random: Random, values: readonly T[]): T =>
  values[Math.floor(random() * values.length)];

function inputFor(seed: number, view: RecordingView, faults: InjectedFault[]): RecorderInput {
  const random = seeded(1000 + seed);
  const body = randomBody(random);
  const toes = within(random, 0, 25);
  return {
    pattern: 'squat',
    // What a coach knows of a client: height and mass. Lengths differ from the usual by up to 12 %.
    body,
    setup: {
      ...USUAL_SETUP,
      stanceCm: Math.round(within(random, 30, 50)),
      toeOutDeg: { left: toes, right: toes },
      depthAimDeg: 0,
    },
    limits: {},
    strength: {},
    causes: [],
    escape: 'none',
    faults,
    depthDeg: within(random, -10, 4),
    repetitions: 3 + Math.floor(random() * 6),
    secondsDown: within(random, 1.2, 2.6),
    secondsUp: within(random, 0.9, 2),
    camera: {
      view,
      rollDeg: within(random, -5, 5),
      pitchDeg: within(random, -5, 5),
      pixelsPerMetre: within(random, 220, 520),
    },
    framesPerSecond: 30,
    noise: 0.01,
    dropped: 0.05,
    feet: true,
    seed,
  };
}

interface Run {
  readonly analysis: Analysis;
  readonly document: RecordedDocument;
}

function run(input: RecorderInput): Run | null {
  const played = record(input);
  if (played.status !== 'recorded') return null;
  const read = readKeypoints(JSON.parse(JSON.stringify(played.document)));
  if (read.status === 'bad') throw new Error(read.problems[0].message);
  const answer = analyse(read.value);
  if (answer.status !== 'analysed') throw new Error(answer.why);
  return { analysis: answer.analysis, document: played.document };
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

/** Errors of a measure in one recording: of its mean over the repetitions, each side. */
function errorsOf({ analysis, document }: Run, measure: MeasureId): number[] {
  return document.truth.measures
    .filter((one) => one.measure === measure)
    .flatMap(({ side, perRepetition }) => {
      const found = measuredOf(analysis.measures, measure, side);
      return found ? [Math.abs(found.mean - mean(perRepetition))] : [];
    });
}

const ERRORS: readonly (readonly [MeasureId, string, number])[] = [
  ['thigh', '°', 3],
  ['trunk-lean', '°', 3],
  ['shin-lean', '°', 3],
  ['hip-shift', 'mm', 10],
  ['trunk-side-bend', '°', 3],
  ['shin-in', '°', 3],
  ['heel-rise', 'mm', 10],
  ['knee-past-toes', 'mm', 30],
  ['hips-first', '°', 3],
  ['turn-out-gain', '°', 5],
];

const percentile = (values: readonly number[], part: number): number =>
  [...values].sort((a, b) => a - b)[Math.floor(part * (values.length - 1))] ?? NaN;

function main(): void {
  const errors = new Map<MeasureId, number[]>(ERRORS.map(([id]) => [id, []]));
  const found = new Map<PlayedFault, [found: number, of: number]>();
  let [counted, recordings, clean, cleans] = [0, 0, 0, 0];
  const false_ = new Map<string, number>();
  const take = (one: Run): void => {
    recordings += 1;
    if (one.analysis.repetitions.length === one.document.truth.repetitions.length) counted += 1;
    for (const [id] of ERRORS) errors.get(id)!.push(...errorsOf(one, id));
  };
  for (let seed = 0; seed < SEEDS; seed++) {
    const random = seeded(7 * seed + 1);
    const view = VIEWS[seed % VIEWS.length];
    const plain = run(inputFor(seed, view, []));
    if (plain) {
      take(plain);
      cleans += 1;
      if (plain.analysis.proposals.length === 0) clean += 1;
      for (const { fault } of plain.analysis.proposals)
        false_.set(fault, (false_.get(fault) ?? 0) + 1);
    }
    const fault = oneOf(random, SEEN[view === 'right' || view === 'left' ? 'side' : 'frontal']);
    const side = SIDED.includes(fault) ? oneOf(random, ['left', 'right'] as const) : undefined;
    const amount = PLAYED_FAULTS[fault] * within(random, 1, 1.4);
    const ill = run(inputFor(seed, view, [{ fault, side, amount }]));
    if (!ill) continue;
    take(ill);
    const [hits, of] = found.get(fault) ?? [0, 0];
    const hit = ill.analysis.proposals.some(
      (one) => one.fault === fault && (side === undefined || one.side === side),
    );
    found.set(fault, [hits + (hit ? 1 : 0), of + 1]);
  }
  report({ errors, found, counted, recordings, clean, cleans, false_ });
}

interface Totals {
  readonly errors: ReadonlyMap<MeasureId, number[]>;
  readonly found: ReadonlyMap<PlayedFault, readonly [number, number]>;
  readonly counted: number;
  readonly recordings: number;
  readonly clean: number;
  readonly cleans: number;
  readonly false_: ReadonlyMap<string, number>;
}

const share = (part: number, of: number): string => `${((100 * part) / of).toFixed(1)} %`;

function report({ errors, found, counted, recordings, clean, cleans, false_ }: Totals): void {
  const all = [...found.values()].reduce(([a, b], [c, d]) => [a + c, b + d], [0, 0] as const);
  const lines = [
    `${SEEDS} seeds, ${recordings} recordings: noise 1 % of height, 30 frames a second, 5 % dropped, camera rolled and pitched up to 5°`,
    `repetitions counted right: ${share(counted, recordings)} (aim 99 %)`,
    ...ERRORS.map(([id, unit, aim]) => {
      const list = errors.get(id)!;
      return `${id}: median ${percentile(list, 0.5).toFixed(1)} ${unit}, 95th percentile ${percentile(list, 0.95).toFixed(1)} ${unit} of ${list.length} (aim ${aim})`;
    }),
    `clear faults found: ${share(all[0], all[1])} (aim 95 %)`,
    ...[...found].map(([fault, [hits, of]]) => `  ${fault}: ${hits} of ${of}`),
    `clean recordings without any proposal: ${share(clean, cleans)} (aim 95 %)`,
    ...[...false_].map(([fault, times]) => `  ${fault} proposed in ${times} of ${cleans}`),
  ];
  console.log(lines.join('\n'));
}

main();
