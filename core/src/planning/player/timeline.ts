import type { Dose } from '../../knowledge/drillRow';
import { REST_BETWEEN_SETS, setSeconds } from '../../knowledge/doseSeconds';
import type { DrillForm, SetClock, SetLog } from '../../records/drills/drillRecord';

/** Where a drill is at one moment. */
export interface PlayerMoment {
  readonly phase: 'work' | 'rest' | 'over';
  readonly running: boolean;
  /** Counted from 0. */
  readonly set: number;
  /** Seconds into the set or the rest, and what is left of it. */
  readonly doneS: number;
  readonly leftS: number;
  readonly wholeS: number;
  /** Repetition or breath that is under way, from 1, and how far it is, 0 to 1; null in a hold. */
  readonly count: { readonly at: number; readonly of: number; readonly part: number } | null;
  /** Seconds since the drill was over by the clock; 0 while it is not. */
  readonly overS: number;
}

/** A breath in and a longer one out. */
const BREATH_PARTS = 1 / 3;

/** Seconds since the set of the clock began, pauses left out; a clock set back counts as standing still. */
const elapsedS = ({ runningSince, workedS }: SetClock, now: number): number =>
  workedS + (runningSince ? Math.max(0, (now - Date.parse(runningSince)) / 1000) : 0);

function countOf(dose: Dose, doneS: number): PlayerMoment['count'] {
  if (dose.by === 'hold') return null;
  const of = dose.by === 'reps' ? dose.reps : dose.breaths;
  const each = setSeconds(dose) / of;
  const at = Math.min(of, Math.floor(doneS / each) + 1);
  return { at, of, part: Math.min(1, doneS / each - (at - 1)) };
}

/** Whether a breath is on its way out. */
export const breathesOut = (part: number): boolean => part >= BREATH_PARTS;

/**
 * Where a drill is: sets and the rests between them follow one another by the clock alone, so that a
 * locked phone, another tab or a reload lose nothing and nothing drifts.
 *
 * @param now in milliseconds since 1970
 */
export function momentOf(clock: SetClock, dose: Dose, now: number): PlayerMoment {
  const [work, round] = [setSeconds(dose), setSeconds(dose) + REST_BETWEEN_SETS];
  const elapsed = elapsedS(clock, now);
  const last = dose.sets - 1;
  const passed = Math.min(Math.max(0, last - clock.set), Math.floor(elapsed / round));
  const set = Math.min(clock.set + passed, last);
  const into = elapsed - passed * round;
  const running = clock.runningSince !== null;
  if (into < work)
    return {
      phase: 'work',
      running,
      set,
      doneS: into,
      leftS: work - into,
      wholeS: work,
      count: countOf(dose, into),
      overS: 0,
    };
  if (set === last)
    return {
      phase: 'over',
      running,
      set,
      doneS: work,
      leftS: 0,
      wholeS: work,
      count: countOf(dose, work),
      overS: into - work,
    };
  return {
    phase: 'rest',
    running,
    set,
    doneS: into - work,
    leftS: round - into,
    wholeS: REST_BETWEEN_SETS,
    count: null,
    overS: 0,
  };
}

/** Sets that ended since the clock was last written, each as long as it was dosed. */
function endedSince(clock: SetClock, moment: PlayerMoment, dose: Dose, form: DrillForm): SetLog[] {
  const begun = clock.runningSince ? Date.parse(clock.runningSince) : null;
  const work = setSeconds(dose);
  const full = moment.set - clock.set + (moment.phase === 'work' ? 0 : 1);
  return Array.from({ length: Math.max(0, full) }, (_, i) => {
    const after = (i + 1) * work + i * REST_BETWEEN_SETS - clock.workedS;
    return {
      workedS: work,
      form,
      on: new Date((begun ?? 0) + 1000 * Math.max(0, after)).toISOString(),
    };
  });
}

/** What is kept of a drill that is played. */
interface Played {
  readonly clock: SetClock;
  readonly log: SetLog[];
}

interface Playing {
  readonly clock: SetClock;
  readonly log: readonly SetLog[];
  readonly dose: Dose;
  readonly form: DrillForm;
}

/** A set that ended is in the log once: by how many there are, whatever the clock says later. */
function logged({ clock, log, dose, form }: Playing, now: number): SetLog[] {
  const ended = endedSince(clock, momentOf(clock, dose, now), dose, form);
  const before = log.length - clock.set;
  return [...log, ...ended.slice(Math.max(0, before))];
}

const at = (now: number): string => new Date(now).toISOString();

/** Stops the clock where it is; what ended meanwhile goes into the log. */
export function paused(playing: Playing, now: number): Played {
  const { set, phase, doneS, wholeS } = momentOf(playing.clock, playing.dose, now);
  const workedS = phase === 'rest' ? setSeconds(playing.dose) + doneS : Math.min(doneS, wholeS);
  return { clock: { set, runningSince: null, workedS }, log: logged(playing, now) };
}

/** Goes on from where it stands. */
export const resumed = ({ clock, log }: Played, now: number): Played => ({
  clock: { ...clock, runningSince: clock.runningSince ?? at(now) },
  log,
});

/** On to the next set at once: a set that is cut short is logged with what was worked of it. */
export function nextSet(playing: Playing, now: number): Played {
  const { set, phase, doneS } = momentOf(playing.clock, playing.dose, now);
  const cut: SetLog[] =
    phase === 'work' && doneS >= 1 ? [{ workedS: doneS, form: playing.form, on: at(now) }] : [];
  return {
    clock: { set: Math.min(set + 1, playing.dose.sets - 1), runningSince: at(now), workedS: 0 },
    log: [...logged(playing, now), ...cut],
  };
}

/** Back to the beginning of this set, or of the one before when it has only just begun. */
export function setBack(playing: Playing, now: number): Played {
  const { set, phase, doneS } = momentOf(playing.clock, playing.dose, now);
  const justBegun = phase === 'work' && doneS < 3;
  const to = Math.max(0, justBegun ? set - 1 : set);
  return {
    clock: { set: to, runningSince: null, workedS: 0 },
    // Sets from there on are done again, and so counted anew.
    log: logged(playing, now).slice(0, to),
  };
}

/** The log of a drill that ends now, in whatever way: the set under way with what was worked of it. */
export function endedLog(playing: Playing, now: number): SetLog[] {
  const { phase, doneS } = momentOf(playing.clock, playing.dose, now);
  const log = logged(playing, now);
  return phase === 'work' && doneS >= 1
    ? [...log, { workedS: doneS, form: playing.form, on: at(now) }]
    : log;
}

/** Whether anything of a drill was begun. */
export const isBegun = ({ set, runningSince, workedS }: SetClock): boolean =>
  set > 0 || workedS > 0 || runningSince !== null;

/** "2 of 3 sets, 1:12 of work" is told from this: sets with anything in them, and seconds worked. */
export const workDone = (log: readonly SetLog[]): { sets: number; seconds: number } => ({
  sets: log.length,
  seconds: Math.round(log.reduce((sum, { workedS }) => sum + workedS, 0)),
});
