import { SIDES } from '../../foundation/sides/side';
import { bodyOf, type Body, type Segments } from '../../body/segments/body';
import { bodyProblems } from '../../body/segments/bodyProblems';
import { LENGTH_TO_HEIGHT, LIMB_NAMES } from '../../body/segments/segmentTable';
import { isStaggered, PATTERNS, type Pattern } from '../../body/stance/patterns';
import { ARMS, HANDS, LOAD_PLACES } from '../../body/stance/setup';
import { LUMBAR_DEG, type LimitsDeg } from '../../body/solver/limits';
import { FIT_AIMS, fitAimsOf, type FitAim } from '../../body/solver/fit';
import type { StanceSetup } from '../../body/solver/stance';
import { J, oneOf, side } from '../../records/schemas/joi';
import { parse, type Parsed, type Problem } from '../../records/schemas/problems';

/** What `deepest`, `settle` and `fit` take: a body, how it stands and what its joints allow. */
export interface PostureInput {
  readonly pattern: Pattern;
  readonly body: Body;
  readonly setup: StanceSetup;
  readonly limits: LimitsDeg;
  /** Asked depth, for `settle`. */
  readonly thighDeg?: number;
  readonly trunkLeanDeg?: number;
  readonly aim?: FitAim;
}

const lengthM = () => J.number().greater(0).max(2.5);
export const both = (schema: ReturnType<typeof J.number>) =>
  J.object({ left: schema.required(), right: schema.required() });

export const segmentsSchema = J.object(
  Object.fromEntries(
    Object.keys(LENGTH_TO_HEIGHT).map((name) => [
      name,
      (LIMB_NAMES as readonly string[]).includes(name)
        ? J.alternatives(lengthM(), both(lengthM()))
        : lengthM(),
    ]),
  ),
);

const setup = J.object({
  stanceCm: J.number().greater(0).max(200).required(),
  toeOutDeg: both(J.number().min(-20).max(60)).required(),
  kneeCueDeg: both(J.number().min(-20).max(30)),
  heelLiftMm: J.number().min(0).max(120).default(0),
  frontFootLiftMm: J.number().min(0).max(500),
  front: side(),
  stepCm: J.number().greater(0).max(200),
  oneLeg: side(),
  oneHeelUp: side(),
  arms: oneOf(ARMS).default('forward'),
  hands: oneOf(HANDS).default('free'),
  load: J.object({
    at: oneOf(LOAD_PLACES).required(),
    kg: J.number().min(0).max(400).required(),
  }).default({ at: 'none', kg: 0 }),
}).unknown(true);

const deg = (least: number, most: number) => J.number().min(least).max(most);

const sideLimits = J.object({
  ankleBendDeg: deg(-30, 90),
  hipBendDeg: deg(10, 180),
  kneeBendDeg: deg(5, 180),
  hipTurnInDeg: deg(-30, 90),
  hipTurnOutDeg: deg(-30, 110),
  hipOpenDeg: deg(-10, 110),
  hipAdductDeg: deg(-10, 60),
  shinTiltInDeg: deg(0, 40),
  shinTiltOutDeg: deg(0, 40),
  hipExtendDeg: deg(-60, 60),
  toeBendDeg: deg(0, 110),
  straightLegRaiseDeg: deg(5, 150),
  ankleBendStraightDeg: deg(-40, 80),
  kneeBendHipStraightDeg: deg(20, 180),
});

const postureSchema = J.object({
  pattern: oneOf(PATTERNS).default('squat'),
  body: J.object({
    heightM: J.number().min(0.9).max(2.4).required(),
    massKg: J.number().min(20).max(350).required(),
    segments: segmentsSchema.default({}),
  }).required(),
  setup: setup.required(),
  limits: J.object({
    left: sideLimits.default({}),
    right: sideLimits.default({}),
    lumbarBendDeg: deg(-30, 60),
    lumbarArchDeg: deg(-30, 45),
  }).default({}),
  /** As older inputs said how far the low back rounds. */
  tuckDeg: deg(0, 60),
  thighDeg: deg(-60, 88),
  trunkLeanDeg: deg(0, 90),
  aim: J.object({
    for: oneOf(FIT_AIMS).required(),
    thighDeg: deg(-60, 88),
    trunkLeanDeg: deg(0, 90),
  }),
}).unknown(true);

interface Raw extends Omit<PostureInput, 'body'> {
  readonly tuckDeg?: number;
  readonly body: { readonly heightM: number; readonly massKg: number; readonly segments: Segments };
}

/** Ranges that contradict each other: a line over two joints cannot begin beyond where it ends. */
function crossedLimits({ limits }: Raw): Problem[] {
  return [
    ...crossedBack(limits),
    ...SIDES.flatMap((one) => {
      const given = limits[one] ?? {};
      const pairs = [
        ['ankleBendStraightDeg', 'ankleBendDeg'],
        ['straightLegRaiseDeg', 'hipBendDeg'],
        ['kneeBendHipStraightDeg', 'kneeBendDeg'],
      ] as const;
      return pairs.flatMap(([line, joint]) => {
        const [a, b] = [given[line], given[joint]];
        if (a === undefined || b === undefined || a <= b) return [];
        const message = `${line} of ${a}° is more than ${joint} of ${b}°: the limits cross`;
        return [{ path: `limits.${one}.${line}`, message }];
      });
    }),
  ];
}

/** A low back that bends forward less far than it arches has nowhere to be. */
function crossedBack({ lumbarBendDeg, lumbarArchDeg = LUMBAR_DEG.arch }: LimitsDeg): Problem[] {
  if (lumbarBendDeg === undefined || lumbarBendDeg >= -lumbarArchDeg) return [];
  const message = `a low back that bends to ${lumbarBendDeg}° at most and arches ${lumbarArchDeg}° at most: the limits cross`;
  return [{ path: 'limits.lumbarBendDeg', message }];
}

/** What older inputs called a tuck is how far the low back bends. */
function withLumbar({ limits, tuckDeg }: Raw): LimitsDeg {
  return limits.lumbarBendDeg === undefined && tuckDeg !== undefined
    ? { ...limits, lumbarBendDeg: tuckDeg }
    : limits;
}

/** A hand load that nobody carries; the balance of lighter ones is the solver's question. */
function loadProblems({ setup: { load }, body }: Raw): Problem[] {
  if (load.at === 'none' && load.kg > 0)
    return [{ path: 'setup.load.at', message: `${load.kg} kg are held nowhere: say where` }];
  const most = 3 * body.massKg;
  if (load.kg <= most) return [];
  return [{ path: 'setup.load.kg', message: `${load.kg} kg is more than three times the body` }];
}

/** One foot ahead of the other, both stand. */
const legProblems = ({ setup: { oneLeg }, pattern }: Raw): Problem[] =>
  oneLeg && isStaggered(pattern)
    ? [{ path: 'setup.oneLeg', message: `a ${pattern} stands on both legs` }]
    : [];

/** An aim counts its depth as its pattern does. */
function aimProblems({ aim, pattern }: Raw): Problem[] {
  if (!aim) return [];
  const wanted = pattern === 'hinge' ? 'trunkLeanDeg' : 'thighDeg';
  const other = pattern === 'hinge' ? 'thighDeg' : 'trunkLeanDeg';
  const problems: Problem[] = [];
  if (!(wanted in aim))
    problems.push({
      path: `aim.${wanted}`,
      message: `how deep the ${pattern} shall go is missing`,
    });
  if (other in aim)
    problems.push({ path: `aim.${other}`, message: `a ${pattern} counts its depth as ${wanted}` });
  if (!fitAimsOf(pattern).includes(aim.for))
    problems.push({ path: 'aim.for', message: `a ${pattern} cannot be fitted for "${aim.for}"` });
  return problems;
}

/** Reads unknown input for the posture solver; every problem with its path. */
export function parsePostureInput(input: unknown): Parsed<PostureInput> {
  const read = parse<Raw>(postureSchema, input);
  if (read.status === 'bad') return read;
  const { tuckDeg: _older, ...asked } = read.value;
  const raw = { ...asked, limits: withLumbar(read.value) };
  const { heightM, massKg, segments: taped } = raw.body;
  const problems = [
    ...bodyProblems(heightM, massKg, taped).map(({ field, message }) => ({
      path: `body.${field}`,
      message,
    })),
    ...crossedLimits(raw),
    ...loadProblems(raw),
    ...legProblems(raw),
    ...aimProblems(raw),
  ];
  if (problems.length > 0) return { status: 'bad', problems };
  return { status: 'ok', value: { ...raw, body: bodyOf(heightM, massKg, taped) } };
}
