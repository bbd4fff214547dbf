import {
  drillOf,
  NO_WEEK_WISH,
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_SEEN,
  NOTHING_TOLD,
  oneDrill,
  USUAL_SETUP,
  type ClientRecord,
  type DoseEntry,
  type DrillRecord,
  type HomePlanRecord,
  type LookRecord,
  type VisitRecord,
} from '@taxikine/core';

/** When it is, for what tests make up. */
export const MADE_UP_NOW = '2026-11-23T11:00:00.000Z';

export const newClient = (part: Partial<ClientRecord> = {}): ClientRecord => ({
  id: crypto.randomUUID(),
  name: 'Maren',
  about: 'stonemason',
  heightM: 1.72,
  massKg: 71,
  ...NOTHING_TOLD,
  consent: { on: '2026-11-01', wording: '2026-1', guardian: null },
  ...part,
});

export const newVisit = (
  clientId: string,
  { openedOn = MADE_UP_NOW, ...part }: Partial<VisitRecord> = {},
): VisitRecord => ({
  id: crypto.randomUUID(),
  clientId,
  pattern: 'squat',
  openedOn,
  closedOn: null,
  step: 'ask',
  asks: [{ on: openedOn, positives: [] }],
  minutes: 12,
  next: 'training',
  ...NOTHING_HELD,
  ...part,
});

export const newLook = (visit: VisitRecord, part: Partial<LookRecord> = {}): LookRecord => ({
  id: crypto.randomUUID(),
  clientId: visit.clientId,
  visitId: visit.id,
  role: 'first',
  setup: USUAL_SETUP,
  ...NOTHING_SEEN,
  startedOn: MADE_UP_NOW,
  ...part,
});

/** A pain that keeps out what loads the left knee. */
export const SHARP_KNEE: LookRecord['pain'][number] = {
  region: 'knee',
  side: 'left',
  phase: 'bottom',
  score: 7,
  kind: 'sharp',
  on: MADE_UP_NOW,
};

export const newDrill = (visit: VisitRecord, part: Partial<DrillRecord> = {}): DrillRecord => ({
  id: crypto.randomUUID(),
  clientId: visit.clientId,
  visitId: visit.id,
  drill: 'squat-to-target',
  side: null,
  targets: [],
  place: 0,
  ...NOTHING_DONE,
  dose: drillOf({ drill: part.drill ?? 'squat-to-target', own: part.own ?? null }).dose,
  ...part,
});

const PATTERN_ITSELF: HomePlanRecord['drills'][number] = {
  drill: 'squat-to-target',
  own: null,
  side: null,
  targets: [],
  dose: oneDrill('squat-to-target').dose,
  rung: null,
  worth: 0.3,
  known: true,
};

/** The pattern itself, twice a day, and nothing else. */
export const newPlan = (
  { id: visitId, clientId }: { id: string; clientId: string },
  { startsOn = MADE_UP_NOW.slice(0, 10), ...part }: Partial<HomePlanRecord> = {},
): HomePlanRecord => ({
  id: crypto.randomUUID(),
  clientId,
  visitId,
  pattern: 'squat',
  approach: 'blended',
  startsOn,
  weeks: 6,
  timeZone: 'Europe/Oslo',
  minutes: 15,
  days: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
  moments: ['07:30', '20:00'],
  trainings: [],
  kit: [],
  flags: [],
  drills: [PATTERN_ITSELF],
  wish: NO_WEEK_WISH,
  note: '',
  answers: [],
  madeOn: `${startsOn}T10:00:00.000Z`,
  endedOn: null,
  ...part,
});

/** The ankle's drill with the pattern after it. */
export const ANKLE_AND_PATTERN: HomePlanRecord['drills'] = [
  {
    drill: 'point-and-pull',
    own: null,
    side: 'right',
    targets: ['ankle-joint:right'],
    dose: oneDrill('point-and-pull').dose,
    rung: null,
    worth: 0.4,
    known: true,
  },
  PATTERN_ITSELF,
];

/** The pattern at 07:30 of a plan's first day, done and without pain. */
export const newDose = (
  planId: string,
  { on = MADE_UP_NOW.slice(0, 10), ...part }: Partial<DoseEntry> = {},
): DoseEntry => ({
  id: crypto.randomUUID(),
  planId,
  planVersion: 1,
  on,
  said: `${on}T08:00:00.000Z`,
  kind: 'dose',
  key: 'squat-to-target@',
  at: '07:30',
  name: 'Squat to a target',
  done: 'done',
  why: null,
  pain: 0,
  sharp: false,
  ...part,
});
