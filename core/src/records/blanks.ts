import { DEFAULT_APPROACH } from '../knowledge/approaches';
import { KIT } from '../knowledge/kit';
import { NO_WISH } from './sessionWish';
import type {
  CheckRecord,
  ClientFile,
  ClientRecord,
  DrillRecord,
  LookRecord,
  VisitRecord,
} from './records';
import { NO_HOME } from './records';

/** What a look holds before anything was seen. */
export const NOTHING_SEEN = {
  faults: [],
  clear: [],
  pain: [],
  rating: null,
  reps: [],
  notes: [],
  hold: null,
  recordings: [],
} satisfies Partial<LookRecord>;

/** What a check holds before anything was measured. */
export const NOTHING_MEASURED = {
  passive: null,
  active: null,
  braced: null,
  result: null,
  felt: null,
  pinch: null,
  repeats: {},
  cheats: [],
  pain: null,
  device: null,
  afterDrill: null,
} satisfies Partial<CheckRecord>;

/** What a visit holds before anybody judged anything. */
export const NOTHING_HELD = {
  kit: KIT.map(({ id }) => id),
  wish: NO_WISH,
  opinions: [],
  traced: null,
  extra: null,
} satisfies Partial<VisitRecord>;

/** What a drill holds before it was begun. */
export const NOTHING_DONE = {
  own: null,
  form: 'usual',
  rung: null,
  status: 'planned',
  clock: { set: 0, runningSince: null, workedS: 0 },
  log: [],
  keep: null,
  pain: null,
  painOn: null,
  doneOn: null,
  removed: false,
} satisfies Partial<DrillRecord>;

/** What a client has told before anybody asked. */
export const NOTHING_TOLD = {
  segments: {},
  flags: [],
  history: [],
  given: [],
  consent: null,
  clearances: [],
  setups: {},
  goal: '',
  approach: DEFAULT_APPROACH,
  footwear: null,
  home: NO_HOME,
  contact: null,
  norms: {},
} satisfies Partial<ClientRecord>;

/** The lists of a client's file before anything was kept; new ones each time, to be added to. */
export const noRecords = (): Omit<ClientFile, 'client'> => ({
  visits: [],
  looks: [],
  probes: [],
  checks: [],
  drills: [],
  pictures: [],
  homePlans: [],
  messages: [],
  homeEntries: [],
});
