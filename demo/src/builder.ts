import {
  caseFileOf,
  keepAdvice,
  maybeLadder,
  oneDrill,
  oneRung,
  type CriterionId,
  type DrillId,
  maybeVisitFile,
  NOTHING_MEASURED,
  NOTHING_TOLD,
  STEPS,
  limitsOf,
  plannedCauses,
  planSession,
  trace,
  traceSnapshot,
  usualSetup,
  type CheckRecord,
  type ClientFile,
  type ClientRecord,
  type DrillRecord,
  type LookRecord,
  type LookRole,
  type Pattern,
  type MaybeSide,
  type ProbeId,
  type ProbeOutcome,
  type ReferId,
  type SeenFault,
  type Setup,
  type Side,
  type Step,
  NOTHING_DONE,
  NOTHING_HELD,
  setSeconds,
  type Dose,
  type SetLog,
  noRecords,
  causeKey,
} from '@taxikine/core';
import { addMinutes, subDays } from 'date-fns';
import { addHome, type DemoHome } from './home';
import { demoId } from './ids';

const NEW = { version: 0 } as const;

/** A measure on one side or both, as a demo client is written down. */
export interface DemoCheck {
  check: CheckRecord['check'];
  side?: Side;
  passive?: number;
  active?: number;
  braced?: number | string;
  result?: string;
  felt?: CheckRecord['felt'];
  pinch?: boolean;
  repeats?: CheckRecord['repeats'];
  cheats?: CheckRecord['cheats'];
  pain?: CheckRecord['pain'];
  device?: CheckRecord['device'];
}

export interface DemoVisit {
  /** A squat when it is not said. */
  pattern?: Pattern;
  daysAgo: number;
  setup?: Partial<Setup>;
  positives?: ReferId[];
  faults: SeenFault[];
  clear?: LookRecord['clear'];
  pain?: Omit<LookRecord['pain'][number], 'on'>[];
  rating?: LookRecord['rating'];
  reps?: LookRecord['reps'];
  notes?: Omit<LookRecord['notes'][number], 'on'>[];
  /** Seconds spent resting at the bottom. */
  holdS?: number;
  probes?: {
    probe: ProbeId;
    setup?: Partial<Setup>;
    outcomes: { fault: SeenFault['fault']; side?: MaybeSide; outcome: ProbeOutcome }[];
  }[];
  checks?: DemoCheck[];
  /** How far it came; `verdict` is a finished visit. */
  step: Step;
  again?: {
    faults: SeenFault[];
    clear?: LookRecord['clear'];
    rating?: LookRecord['rating'];
    reps?: LookRecord['reps'];
    checks?: DemoCheck[];
  };
  /** Drills done before the coach stopped; all of them in a finished visit. */
  drillsDone?: number;
  /** Rungs of ladders that were tried, before the pattern at the end. */
  climbs?: DemoClimb[];
}

/** A rung as it was tried. */
export interface DemoClimb {
  ladder: DrillId;
  side?: Side;
  rung: string;
  kg?: number;
  /** What of it was not there. */
  missed?: CriterionId[];
}

export interface DemoClient {
  key: string;
  client: Pick<ClientRecord, 'name' | 'about' | 'heightM' | 'massKg'> & Partial<ClientRecord>;
  clearances?: {
    question: ReferId;
    by: string;
    daysAgo: number;
    scope: string;
    reported: number;
    recorded: number;
  }[];
  visits: DemoVisit[];
  /** What the last finished visit sent home. */
  home?: DemoHome;
}

const day = (date: Date): string => date.toISOString().slice(0, 10);

function lookRecord(
  visit: Frame,
  role: LookRole,
  at: number,
  seen: Pick<DemoVisit, 'faults' | 'clear' | 'rating' | 'reps' | 'notes' | 'holdS'>,
  pain: LookRecord['pain'] = [],
) {
  const { ids, setup, time } = visit;
  return {
    ...NEW,
    ...ids(`look/${role}`),
    role,
    setup,
    faults: seen.faults,
    clear: seen.clear ?? [],
    pain,
    rating: seen.rating ?? null,
    reps: seen.reps ?? [],
    notes: (seen.notes ?? []).map((note) => ({ ...note, on: time(at + 2) })),
    recordings: [],
    hold: seen.holdS === undefined ? null : { runningSince: null, heldS: seen.holdS },
    startedOn: time(at),
  };
}

interface Frame {
  ids: (what: string) => { id: string; clientId: string; visitId: string };
  setup: Setup;
  time: (minute: number) => string;
}

const checkRecord = ({ ids, time }: Frame, role: LookRole, one: DemoCheck, at: number) => ({
  ...NEW,
  ...ids(`check/${role}/${one.check}/${one.side ?? ''}`),
  role,
  check: one.check,
  side: one.side ?? null,
  ...NOTHING_MEASURED,
  ...(({ check: _, side: __, ...found }) => found)(one),
  doneOn: time(at),
  removed: false,
});

/** Every set as it was dosed. */
const setsDone = (dose: Dose, on: string): SetLog[] =>
  Array.from({ length: dose.sets }, () => ({ workedS: setSeconds(dose), form: 'usual', on }));

/** Drills as the app itself would have chosen them for what was found. */
function drillRecords(
  file: ClientFile,
  visitId: string,
  frame: Frame,
  done: number,
): DrillRecord[] {
  const visit = maybeVisitFile(file, visitId)!;
  const case_ = caseFileOf(visit);
  const { drills } = planSession(plannedCauses(trace(case_), case_), limitsOf(visit));
  return drills.map(({ drill, side, targets, dose }, place) => ({
    ...NOTHING_DONE,
    ...frame.ids(`drill/${place}`),
    drill: drill.id,
    side,
    targets: [...targets],
    place,
    dose,
    status: place < done ? 'done' : 'planned',
    log: place < done ? setsDone(dose, frame.time(21 + 4 * place)) : [],
    pain: place < done ? 0 : null,
    doneOn: place < done ? frame.time(22 + 4 * place) : null,
  }));
}

/** A rung that was climbed, all of its sets done. */
function climbRecord(frame: Frame, climb: DemoClimb, i: number, place: number): DrillRecord {
  const { ladder: drill, side = null, rung, kg = null, missed = [] } = climb;
  const { dose, targets } = oneDrill(drill);
  const { criteria } = oneRung(maybeLadder(drill)!, rung);
  const on = frame.time(30 + 2 * i);
  return {
    ...NOTHING_DONE,
    ...frame.ids(`climb/${i}`),
    drill,
    side,
    targets: targets.map(({ cause }) => causeKey(cause, side)),
    place,
    dose,
    status: 'done',
    log: setsDone(dose, on),
    rung: { rung, kg, met: criteria.filter((one) => !missed.includes(one)) },
    pain: 0,
    doneOn: on,
  };
}

/** The session of a visit: what the app would have chosen, ladders before the pattern at its end. */
function sessionRecords(file: ClientFile, visitId: string, frame: Frame, visit: DemoVisit) {
  const chosen = drillRecords(file, visitId, frame, visit.drillsDone ?? (visit.again ? 9 : 0));
  const climbs = (visit.climbs ?? []).map((climb, i) =>
    climbRecord(frame, climb, i, chosen.length - 1 + i),
  );
  const [last] = chosen.slice(-1);
  return [
    ...chosen.slice(0, -1),
    ...climbs,
    ...(last ? [{ ...last, place: chosen.length - 1 + climbs.length }] : []),
  ];
}

/** The trace that the work of a visit was chosen by. */
function keepTrace(file: ClientFile, visitId: string, on: string): void {
  const visit = file.visits.find(({ id }) => id === visitId)!;
  visit.traced = traceSnapshot(trace(caseFileOf(maybeVisitFile(file, visitId)!)), on);
}

/** What the coach made of each drill in a finished visit: what the second look says of it. */
function decide(file: ClientFile, visitId: string): void {
  for (const { drill: id, says } of keepAdvice(maybeVisitFile(file, visitId)!))
    file.drills.find((one) => one.id === id)!.keep = says;
}

function addVisit(file: ClientFile, key: string, place: number, visit: DemoVisit, now: Date): void {
  const { pattern = 'squat' } = visit;
  const visitId = demoId(`${key}/visit/${place}`);
  const start = visit.daysAgo === 0 ? addMinutes(now, -25) : subDays(now, visit.daysAgo);
  const frame: Frame = {
    ids: (what) => ({
      id: demoId(`${key}/visit/${place}/${what}`),
      clientId: file.client.id,
      visitId,
    }),
    setup: { ...usualSetup(pattern, file.client.heightM), ...visit.setup },
    time: (minute) => addMinutes(start, minute).toISOString(),
  };
  const pain = (visit.pain ?? []).map((one) => ({ ...one, on: frame.time(3) }));
  const positives = visit.positives ?? [];
  const asks = [
    { on: frame.time(0), positives },
    ...(pain.length > 0 ? [{ on: frame.time(4), positives: [] }] : []),
  ];
  const finished = visit.step === 'verdict';
  file.visits.push({
    ...NEW,
    id: visitId,
    clientId: file.client.id,
    pattern,
    openedOn: frame.time(0),
    closedOn: finished ? frame.time(40) : null,
    step: visit.step,
    asks,
    minutes: 12,
    next: 'training',
    ...NOTHING_HELD,
  });
  const reached = (step: Step) => STEPS.indexOf(visit.step) >= STEPS.indexOf(step);
  if (!reached('look')) return;
  file.looks.push(lookRecord(frame, 'first', 2, visit, pain));
  for (const { probe, setup, outcomes } of visit.probes ?? [])
    file.probes.push({
      ...NEW,
      ...frame.ids(`probe/${probe}`),
      probe,
      setup: { ...frame.setup, ...setup },
      outcomes: outcomes.map((one) => ({ ...one, side: one.side ?? null })),
      doneOn: frame.time(7),
      removed: false,
    });
  for (const check of visit.checks ?? []) file.checks.push(checkRecord(frame, 'first', check, 12));
  if (reached('work'))
    for (const drill of sessionRecords(file, visitId, frame, visit))
      file.drills.push({ ...NEW, ...drill });
  if (reached('work')) keepTrace(file, visitId, frame.time(20));
  if (!visit.again) return;
  file.looks.push(lookRecord(frame, 'again', 36, visit.again));
  for (const check of visit.again.checks ?? [])
    file.checks.push(checkRecord(frame, 'again', check, 35));
  if (finished) decide(file, visitId);
}

/** A client's whole file with its visits placed in time before `now`. */
export function buildFile(
  { key, client, clearances = [], visits, home }: DemoClient,
  now: Date,
): ClientFile {
  const file: ClientFile = {
    ...noRecords(),
    client: {
      ...NEW,
      ...NOTHING_TOLD,
      consent: {
        on: day(subDays(now, (visits[0]?.daysAgo ?? 0) + 1)),
        wording: '2026-1',
        guardian: null,
      },
      ...client,
      id: demoId(key),
      clearances: clearances.map(({ question, by, daysAgo, scope, reported, recorded }) => ({
        question,
        reportedIn: demoId(`${key}/visit/${reported}`),
        recordedIn: demoId(`${key}/visit/${recorded}`),
        by,
        on: day(subDays(now, daysAgo)),
        scope,
      })),
    },
  };
  visits.forEach((visit, place) => addVisit(file, key, place, visit, now));
  if (home) addHome(file, key, home, now);
  return file;
}
