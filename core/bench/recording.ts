import { cpus } from 'node:os';
import { bodyOf, record, USUAL_SETUP } from '../src';
import { analyse, readKeypoints } from '../src';

/**
 * How long it takes to analyse a recording against `JSON.parse` of the same file, and how much memory
 * it holds: ten minutes at 60 frames a second, 17 points.
 */
const MINUTES = Number(process.argv[2] ?? 10);
const ROUNDS = 15;

function longRecording(minutes: number): string {
  const played = record({
    pattern: 'squat',
    body: bodyOf(1.75, 75),
    setup: USUAL_SETUP,
    limits: {},
    strength: {},
    causes: [],
    escape: 'none',
    faults: [],
    depthDeg: 0,
    repetitions: Math.round((minutes * 60) / 4.7),
    secondsDown: 1.8,
    secondsUp: 1.4,
    camera: { view: 'right', rollDeg: 2, pitchDeg: 2, pixelsPerMetre: 380 },
    framesPerSecond: 60,
    noise: 0.01,
    dropped: 0.02,
    feet: false,
    seed: 1,
  });
  if (played.status !== 'recorded') throw new Error(played.why);
  const { truth: _, ...file } = played.document;
  return JSON.stringify(file);
}

const timed = <T>(run: () => T): [T, number] => {
  const started = performance.now();
  const value = run();
  return [value, performance.now() - started];
};

const { gc } = globalThis as { gc?: () => void };
const held = (): number => {
  gc?.();
  const { heapUsed, arrayBuffers } = process.memoryUsage();
  return (heapUsed + arrayBuffers) / 1048576;
};

function once(text: string) {
  const before = held();
  const [parsed, parseMs] = timed(() => JSON.parse(text) as unknown);
  const [analysed, analyseMs] = timed(() => {
    const read = readKeypoints(parsed);
    if (read.status === 'bad') throw new Error(read.problems[0].message);
    return analyse(read.value);
  });
  if (analysed.status !== 'analysed') throw new Error(analysed.why);
  const most = held() - before;
  return { parseMs, analyseMs, most, repetitions: analysed.analysis.repetitions.length, parsed };
}

function main(): void {
  const text = longRecording(MINUTES);
  const runs = Array.from({ length: ROUNDS }, () => once(text));
  const middle = (of: (run: (typeof runs)[number]) => number) =>
    runs.map(of).sort((a, b) => a - b)[ROUNDS >> 1];
  const megabytes = text.length / 1048576;
  const lines = [
    `machine: ${cpus().length} × ${cpus()[0].model}, Node ${process.version}`,
    `${MINUTES} minutes at 60 frames a second, 17 points: ${megabytes.toFixed(1)} MB, ${runs[0].repetitions} repetitions`,
    `JSON.parse: ${middle(({ parseMs }) => parseMs).toFixed(0)} ms`,
    `reading its points and analysing: ${middle(({ analyseMs }) => analyseMs).toFixed(0)} ms`,
    `ratio, middle of ${ROUNDS}: ${middle(({ parseMs, analyseMs }) => analyseMs / parseMs).toFixed(2)} (aim: at most 1); all: ${runs.map(({ parseMs, analyseMs }) => (analyseMs / parseMs).toFixed(2)).join(' ')}`,
    `held with everything that was parsed: ${middle(({ most }) => most).toFixed(0)} MB, ${(middle(({ most }) => most) / megabytes).toFixed(1)} times the file (aim: at most 3)`,
  ];
  console.log(lines.join('\n'));
}

main();
