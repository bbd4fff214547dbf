import { PATTERNS } from '../../body/stance/patterns';
import { USUAL_SETUP } from '../../body/stance/setup';
import { RECORDING_VIEWS } from '../../records/recordings/recording';
import { ESCAPES } from '../../media/recorder/escape';
import { PLAYED_FAULTS, type RecorderInput } from '../../media/recorder/recorderInput';
import { LEG_STRENGTHS } from '../../body/solver/capacities';
import { EMBODIED_CAUSES } from '../../inference/person/embody';
import { stanceProblems } from '../../body/solver/stanceProblems';
import { J, oneOf, side } from '../../records/schemas/joi';
import { both, parsePostureInput } from './postureInput';
import { parse, type Parsed } from '../../records/schemas/problems';

const between = (least: number, most: number) => J.number().min(least).max(most);

const fault = J.object({
  fault: oneOf(Object.keys(PLAYED_FAULTS)).required(),
  side: side(),
  amount: between(0, 200),
});

const cause = J.object({
  cause: oneOf(EMBODIED_CAUSES).required(),
  side: side(),
  amount: between(0, 90),
});

/** Of usual strength; more than nothing, or nobody could stand. */
const share = () => between(0.05, 5);
const ofOneOrBoth = (one: ReturnType<typeof share>) => J.alternatives(one, both(one));

const camera = J.object({
  view: oneOf(RECORDING_VIEWS).default('right'),
  rollDeg: between(-45, 45).default(0),
  pitchDeg: between(-45, 45).default(0),
  pixelsPerMetre: between(20, 4000).default(380),
});

/** How the recorder plays and sees; body, set-up and limits are read as for the posture solver. */
const recorderSchema = J.object({
  pattern: oneOf(PATTERNS).default('squat'),
  faults: J.array().items(fault).max(8).default([]),
  strength: J.object({
    ...Object.fromEntries(LEG_STRENGTHS.map((name) => [name, ofOneOrBoth(share())])),
    back: share(),
  }).default({}),
  causes: J.array().items(cause).max(12).default([]),
  escape: oneOf(ESCAPES).default('none'),
  depthDeg: between(-60, 90),
  repetitions: J.number().integer().min(1).max(500).default(5),
  secondsDown: between(0.3, 20).default(1.8),
  secondsUp: between(0.3, 20).default(1.4),
  camera: camera.default({ view: 'right', rollDeg: 0, pitchDeg: 0, pixelsPerMetre: 380 }),
  framesPerSecond: between(1, 240).default(30),
  noise: between(0, 0.2).default(0.01),
  dropped: between(0, 0.9).default(0),
  feet: J.boolean().default(true),
  seed: J.number().integer().min(0).max(0xffffffff).default(1),
}).unknown(true);

type Played = Omit<RecorderInput, 'body' | 'setup' | 'limits'>;

/** More frames than this are more than the reader takes. */
const MOST_FRAMES = 432_000;

/** How deep each pattern goes where nothing is said: thigh angle, in a hinge the trunk's lean. */
const USUAL_DEPTH = { squat: 0, hinge: 60, lunge: 8, split: 4 } as const;

/** Reads unknown input for the simulated recorder; every problem with its path. */
export function parseRecorderInput(input: unknown): Parsed<RecorderInput> {
  const given = (input ?? {}) as Record<string, unknown>;
  const setup = { ...USUAL_SETUP, ...(given.setup as object | undefined) };
  // What the recorder plays is no part of a posture.
  const posture = parsePostureInput({ ...given, setup, aim: undefined });
  const played = parse<Played>(recorderSchema, input);
  const problems = [
    ...(posture.status === 'bad' ? posture.problems : []),
    ...(played.status === 'bad' ? played.problems : []),
  ];
  if (posture.status === 'bad' || played.status === 'bad') return { status: 'bad', problems };
  const { body, pattern, limits } = posture.value;
  const stance = stanceProblems(body, pattern, setup);
  if (stance.length > 0)
    return {
      status: 'bad',
      problems: stance.map(({ field, message }) => ({ path: `setup.${field}`, message })),
    };
  const { secondsDown, secondsUp, repetitions, framesPerSecond } = played.value;
  if ((secondsDown + secondsUp + 3) * repetitions * framesPerSecond > MOST_FRAMES)
    return {
      status: 'bad',
      problems: [{ path: 'repetitions', message: `more than ${MOST_FRAMES} frames` }],
    };
  const depthDeg = played.value.depthDeg ?? USUAL_DEPTH[pattern];
  return { status: 'ok', value: { ...played.value, pattern, body, setup, limits, depthDeg } };
}
