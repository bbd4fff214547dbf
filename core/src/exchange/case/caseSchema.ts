import { FAULT_UNITS } from '../../knowledge/faultRow';
import { isDerived } from './derivedChecks';
import { type CaseCheck, type CaseDocument, CASE_FORMAT, CASE_VERSION } from './caseDocument';
import { bodyProblems } from '../../body/segments/bodyProblems';
import { APPROACHES, DEFAULT_APPROACH } from '../../knowledge/approaches';
import { CAUSES, oneCause } from '../../knowledge/causes';
import { CHEATS, DEVICES, WALL_DEG_PER_CM } from '../../knowledge/checkGuides';
import { CHECKS, DERIVED_CHECKS, FELT, oneCheck, type CheckRow } from '../../knowledge/checks';
import { rollOf } from '../../knowledge/roll';
import { FAULTS, oneFault } from '../../knowledge/faults';
import { FLAGS } from '../../knowledge/flags';
import { KIT } from '../../knowledge/kit';
import { GRADES, PATTERNS, PHASES } from '../../body/stance/patterns';
import { PROBES } from '../../knowledge/probes';
import { REFER_QUESTIONS } from '../../knowledge/refer';
import { ARMS, HANDS, LOAD_PLACES, SHOES, TEMPOS, USUAL_SETUP } from '../../body/stance/setup';
import { LESSON_OUTCOMES, OPINIONS, type SeenFault } from '../../records/case/caseFile';
import type { MaybeSide } from '../../foundation/sides/side';
import { RATINGS } from '../../records/looks/lookRecord';
import { heightSchema, massSchema } from '../../records/clients/bodySchemas';
import { normsSchema } from '../../records/clients/normsSchema';
import { CLEAR_KEYS } from '../../records/case/clearKeys';
import { givenSchema, historySchema } from '../../records/case/toldSchemas';
import { both, segmentsSchema } from '../parse/postureInput';
import { J, maybeSide, oneOf, side } from '../../records/schemas/joi';
import { painSchema } from '../../records/case/painSchema';
import { parse, type Parsed, type Problem } from '../../records/schemas/problems';

const idsOf = (rows: readonly { id: string }[]) => rows.map(({ id }) => id);
const idsIn = (rows: readonly { id: string }[]) => oneOf(idsOf(rows)).required();
const listOf = (...items: ReturnType<typeof J.object>[]) =>
  J.array()
    .items(...items)
    .max(200)
    .default([]);

const client = J.object({
  heightM: heightSchema(),
  massKg: massSchema(),
  segments: segmentsSchema.default({}),
  flags: J.array()
    .items(oneOf(idsOf(FLAGS)))
    .default([]),
  refer: J.array()
    .items(oneOf(idsOf(REFER_QUESTIONS)))
    .default([]),
  history: listOf(historySchema(J.string().max(300))),
  given: listOf(givenSchema),
}).required();

const setup = J.object({
  stanceCm: J.number().greater(0).max(200).default(USUAL_SETUP.stanceCm),
  toeOutDeg: both(J.number().min(-20).max(60)).default(USUAL_SETUP.toeOutDeg),
  heelLiftMm: J.number().min(0).max(120).default(0),
  frontFootLiftMm: J.number().min(0).max(500),
  front: side(),
  stepCm: J.number().greater(0).max(200),
  oneLeg: side(),
  oneHeelUp: side(),
  arms: oneOf(ARMS).default(USUAL_SETUP.arms),
  hands: oneOf(HANDS).default('free'),
  load: J.object({
    at: oneOf(LOAD_PLACES).required(),
    kg: J.number().min(0).max(400).required(),
  }).default({ at: 'none', kg: 0 }),
  tempo: oneOf(TEMPOS).default('own'),
  depthAimDeg: J.number().min(-40).max(80),
  shoes: oneOf(SHOES).default('bare'),
}).default(USUAL_SETUP);

const fault = J.object({
  fault: idsIn(FAULTS),
  side: maybeSide(),
  phase: oneOf(PHASES).required(),
  grade: oneOf(GRADES).required(),
  value: J.number(),
  unit: oneOf(FAULT_UNITS),
});

const look = J.object({
  pattern: oneOf(PATTERNS).required(),
  setup,
  faults: listOf(fault),
  clear: J.array().items(oneOf(CLEAR_KEYS)).max(200).default([]),
  pain: listOf(painSchema),
  rating: oneOf([...RATINGS, null]),
}).required();

const probe = J.object({
  probe: idsIn(PROBES),
  outcome: oneOf(['better', 'same', 'worse']).required(),
  fault: idsIn(FAULTS),
  side: maybeSide(),
});

const MODES = ['passive', 'active', 'braced'] as const;

const check = J.object({
  check: idsIn([...CHECKS, ...DERIVED_CHECKS]),
  side: maybeSide(),
  passive: J.number(),
  active: J.number(),
  braced: J.alternatives(J.number(), J.string().max(20)),
  unit: oneOf(['deg', 's', 'reps', 'cm']),
  result: J.string().max(20),
  felt: oneOf(FELT),
  pinch: J.boolean(),
  times: J.object(Object.fromEntries(MODES.map((mode) => [mode, J.number().integer().min(1)]))),
  cheats: J.array().items(oneOf(idsOf(CHEATS))),
  held: J.boolean(),
  device: oneOf(DEVICES),
});

const about = { cause: idsIn(CAUSES), side: maybeSide() };

const opinion = J.object({
  ...about,
  says: oneOf(OPINIONS).required(),
  why: J.string().trim().min(2).max(300).required().label('why'),
});

const lesson = J.object({
  ...about,
  outcome: oneOf(LESSON_OUTCOMES).required(),
  words: J.string().max(300).required(),
});

const session = J.object({
  minutes: J.number().min(0).max(120).default(15),
  kit: J.array()
    .items(oneOf(idsOf(KIT)))
    .default(idsOf(KIT)),
  next: oneOf(['training', 'rest']).default('training'),
}).default({ minutes: 15, kit: idsOf(KIT), next: 'training' });

const caseSchema = J.object({
  format: oneOf([CASE_FORMAT]).required(),
  version: oneOf([CASE_VERSION]).required(),
  client,
  approach: oneOf(idsOf(APPROACHES)).default(DEFAULT_APPROACH),
  look,
  probes: listOf(probe),
  checks: listOf(check),
  norms: normsSchema.default({}).prefs({ allowUnknown: false }),
  coach: listOf(opinion),
  lessons: listOf(lesson),
  session,
}).prefs({ allowUnknown: true });

/** What the table of faults asks of a number. */
function faultProblems({ fault: id, value }: SeenFault, path: string): Problem[] {
  const row = oneFault(id);
  if (value === undefined) return [];
  if (!row.unit) return [{ path: `${path}.value`, message: `${id} takes a grade, not a number` }];
  const least = row.least ?? 0;
  if (value >= least && value <= row.most) return [];
  return [
    {
      path: `${path}.value`,
      message: `${value} is impossible: ${id} is ${least} to ${row.most} ${row.unit}`,
    },
  ];
}

/** Numbers in the unit of the check's row: centimetres to the wall are degrees of shin. */
const inUnit = (value: number, unit: CaseCheck['unit']): number =>
  unit === 'cm' ? value * WALL_DEG_PER_CM : value;

function rangeProblems(one: CaseCheck, row: Extract<CheckRow, { type: 'range' }>): Problem[] {
  const { least, most, unit } = row.norm;
  const cm = one.unit === 'cm' && row.id.startsWith('ankle-bend');
  if (one.unit && one.unit !== unit && !cm)
    return [{ path: 'unit', message: `${row.id} is in ${unit}, not in ${one.unit}` }];
  return MODES.flatMap((mode): Problem[] => {
    const value = one[mode];
    if (value === undefined) return [];
    if (typeof value === 'string')
      return [{ path: mode, message: `${mode} of ${row.id} is a number of ${unit}` }];
    const turned = inUnit(value, one.unit);
    if (turned >= least && turned <= most) return [];
    return [
      { path: mode, message: `${value} is impossible: ${row.id} is ${least} to ${most} ${unit}` },
    ];
  });
}

function resultProblems(one: CaseCheck, row: Extract<CheckRow, { type: 'result' }>): Problem[] {
  const wrong = (['result', 'braced'] as const).filter(
    (key) => one[key] !== undefined && !row.results.includes(String(one[key])),
  );
  const numbers = (['passive', 'active'] as const).filter((key) => one[key] !== undefined);
  return [
    ...wrong.map((path) => ({
      path,
      message: `"${one[path]}" is no result of ${row.id}: ${row.results.join(', ')}`,
    })),
    ...numbers.map((path) => ({ path, message: `${row.id} has a result, not a number` })),
  ];
}

function checkProblems(one: CaseCheck, path: string): Problem[] {
  if (isDerived(one)) return [];
  const row = oneCheck(one.check);
  const own = row.type === 'range' ? rangeProblems(one, row) : resultProblems(one, row);
  if (one.held && !rollOf(row.id))
    own.push({ path: 'held', message: `no pelvis rolls along in ${row.id}` });
  if (row.sided && !one.side) own.push({ path: 'side', message: `${row.id} needs a side` });
  return own.map((problem) => ({ ...problem, path: `${path}.${problem.path}` }));
}

/** A word on a cause is a word on one side of it, where it has sides. */
const causeProblems = (
  list: readonly { cause: string; side?: MaybeSide }[] | undefined,
  path: string,
): Problem[] =>
  (list ?? []).flatMap(({ cause, side: on }, i) => {
    const { sided } = oneCause(cause);
    if (sided === Boolean(on)) return [];
    const message = sided ? `${cause} needs a side` : `${cause} has no side`;
    return [{ path: `${path}.${i}.side`, message }];
  });

function problemsOf({ client: body, look: seen, checks, coach, lessons }: CaseDocument): Problem[] {
  return [
    ...causeProblems(coach, 'coach'),
    ...causeProblems(lessons, 'lessons'),
    ...bodyProblems(body.heightM, body.massKg, body.segments ?? {}).map(({ field, message }) => ({
      path: `client.${field}`,
      message,
    })),
    ...seen.faults.flatMap((one, i) => faultProblems(one, `look.faults.${i}`)),
    ...checks.flatMap((one, i) => checkProblems(one, `checks.${i}`)),
  ];
}

/**
 * Reads a case file. Unknown fields stay; unknown ids and impossible values are problems with their
 * path. What contradicts itself is no problem here: the trace says what it left out.
 */
export function parseCase(input: unknown): Parsed<CaseDocument> {
  const read = parse<CaseDocument>(caseSchema, input);
  if (read.status === 'bad') return read;
  const problems = problemsOf(read.value);
  return problems.length > 0 ? { status: 'bad', problems } : read;
}

/** Unknown fields are kept, so no part of the schema forbids them. */
const opened = (key: string, value: unknown): unknown =>
  key === 'additionalProperties' && value === false ? undefined : value;

/** JSON Schema (draft 2020-12) of the case file, made from the schema it is read by. */
export const caseJsonSchema = (): object => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Taxikine case file, version 1',
  ...(JSON.parse(
    JSON.stringify(caseSchema['~standard'].jsonSchema.input({ target: 'draft-2020-12' })),
    opened,
  ) as object),
});
