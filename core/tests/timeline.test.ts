import fc from 'fast-check';
import {
  clockWords,
  endedLog,
  isBegun,
  momentOf,
  nextSet,
  paused,
  resumed,
  setBack,
  workDone,
  type Dose,
  type DrillForm,
  type SetClock,
} from '../src';

const NOW = Date.parse('2026-11-26T09:00:00.000Z');
const after = (seconds: number) => NOW + 1000 * seconds;
const HOLD: Dose = { by: 'hold', seconds: 40, sets: 3 };
const REPS: Dose = { by: 'reps', reps: 5, sets: 2, secondsEach: 4 };
const fresh: SetClock = { set: 0, runningSince: null, workedS: 0 };
const begun: SetClock = { set: 0, runningSince: new Date(NOW).toISOString(), workedS: 0 };
const playing = (clock: SetClock, dose: Dose = HOLD, form: DrillForm = 'usual') => ({
  clock,
  log: [],
  dose,
  form,
});

// Work 40, rest 15: sets begin at 0, 55 and 110 and the last ends at 150.
it.each([
  [0, 'work', 0, 40],
  [39.9, 'work', 0, 0.1],
  [40, 'rest', 0, 15],
  [54.9, 'rest', 0, 0.1],
  [55, 'work', 1, 40],
  [95, 'rest', 1, 15],
  [110, 'work', 2, 40],
  [149.9, 'work', 2, 0.1],
  [150, 'over', 2, 0],
  [9000, 'over', 2, 0],
] as const)('after %p seconds: %s in set %p, %p left', (seconds, phase, set, left) => {
  const moment = momentOf(begun, HOLD, after(seconds));
  expect([moment.phase, moment.set]).toEqual([phase, set]);
  expect(moment.leftS).toBeCloseTo(left, 6);
});

it.each([
  [0, 1],
  [3.9, 1],
  [4, 2],
  [19.9, 5],
])('after %p seconds repetition %p is under way', (seconds, at) => {
  expect(momentOf(begun, REPS, after(seconds)).count).toMatchObject({ at, of: 5 });
});

it.each([
  [0, '0:00'],
  [59, '0:59'],
  [60, '1:00'],
  [605, '10:05'],
])('%p seconds are shown as %p', (seconds, words) => expect(clockWords(seconds)).toBe(words));

it('a drill that was not begun stands at its beginning, however late it is', () => {
  expect(momentOf(fresh, HOLD, after(5000))).toMatchObject({ phase: 'work', set: 0, leftS: 40 });
  expect([isBegun(fresh), isBegun(begun)]).toEqual([false, true]);
});

it('a clock set back counts as standing still, and one set forward ends the drill and says by how much', () => {
  expect(momentOf(begun, HOLD, after(-3600))).toMatchObject({ phase: 'work', leftS: 40 });
  expect(momentOf(begun, HOLD, after(750)).overS).toBeCloseTo(600, 6);
});

it('a pause loses nothing: the rest of it is as long as it was', () => {
  const stopped = paused(playing(begun), after(70));
  expect(stopped.clock).toEqual({ set: 1, runningSince: null, workedS: 15 });
  expect(stopped.log).toEqual([
    { workedS: 40, form: 'usual', on: new Date(after(40)).toISOString() },
  ]);
  const on = resumed(stopped, after(500));
  expect(momentOf(on.clock, HOLD, after(510))).toMatchObject({ phase: 'work', set: 1, doneS: 25 });
});

it('a pause in a rest goes on in that rest, and its set is logged once', () => {
  const stopped = paused(playing(begun), after(45));
  const on = resumed(stopped, after(100));
  expect(momentOf(on.clock, HOLD, after(105))).toMatchObject({ phase: 'rest', set: 0, leftS: 5 });
  const end = endedLog({ ...playing(on.clock), log: stopped.log }, after(110 + 95 + 40));
  expect(end.map(({ workedS }) => workedS)).toEqual([40, 40, 40]);
});

it('a set that is cut short is logged with what was worked of it', () => {
  const next = nextSet(playing(begun), after(12));
  expect(next.clock.set).toBe(1);
  expect(next.log).toEqual([{ workedS: 12, form: 'usual', on: new Date(after(12)).toISOString() }]);
  expect(workDone(endedLog({ ...playing(next.clock), log: next.log }, after(22)))).toEqual({
    sets: 2,
    seconds: 22,
  });
});

it('out of a rest the next set begins at once, and nothing is logged twice', () => {
  const next = nextSet(playing(begun), after(44));
  expect(next.log).toHaveLength(1);
  expect(momentOf(next.clock, HOLD, after(45))).toMatchObject({ phase: 'work', set: 1 });
});

it.each([
  [70, 1, 1],
  [57, 0, 0],
  [20, 0, 0],
  [97, 1, 1],
])('back after %p seconds goes to set %p, with %p sets logged', (seconds, set, sets) => {
  const back = setBack(playing(begun), after(seconds));
  expect([back.clock, back.log.length]).toEqual([{ set, runningSince: null, workedS: 0 }, sets]);
});

it('the form is that of the moment a set ended in', () => {
  const log = endedLog(playing(begun, HOLD, 'easier'), after(60));
  expect(log.map(({ form, workedS }) => [form, workedS])).toEqual([
    ['easier', 40],
    ['easier', 5],
  ]);
});

it('however often it is paused, what was worked adds up to the time it ran', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 0, max: 300 })), {
        minLength: 1,
        maxLength: 8,
      }),
      (stretches) => {
        let state = {
          clock: fresh,
          log: [] as { workedS: number; form: DrillForm; on: string }[],
        };
        let [now, ran] = [NOW, 0];
        for (const [run, rest] of stretches) {
          state = resumed(state, now);
          now += 1000 * run;
          ran += run;
          state = paused({ ...playing(state.clock), log: state.log }, now);
          now += 1000 * rest;
        }
        const straight = momentOf(begun, HOLD, after(ran));
        const moment = momentOf(state.clock, HOLD, now);
        expect([moment.phase, moment.set]).toEqual([straight.phase, straight.set]);
        expect(moment.leftS).toBeCloseTo(straight.leftS, 6);
        const whole = endedLog({ ...playing(state.clock), log: state.log }, now);
        const once = endedLog(playing(begun), after(ran));
        expect(workDone(whole)).toEqual(workDone(once));
      },
    ),
    { seed: 81, numRuns: 300 },
  );
});
