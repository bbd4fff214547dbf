import type { DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import type { PagePlan } from '@taxikine/core/planning/home/homePage';
import { NOTHING_DONE } from '@taxikine/core/records/drills/nothingDone';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { act, renderHook } from '@testing-library/react';
import type { Saying } from '../src/client-page/doseSaid';
import { useDay } from '../src/client-page/useDay';
import { catalogue } from '../src/words/i18n';
import { today } from '../src/words/when';

beforeAll(() => catalogue.changeLanguage('en'));

const DRILL = { key: 'squat-to-target@', drill: 'squat-to-target', side: null, own: null };
const DOSE = { key: DRILL.key, at: '07:30', log: null } as unknown as DoseToday;
const PLAN = {
  id: 'p',
  version: 3,
  drills: [DRILL],
  days: [{ day: today(), doses: [DOSE] }],
  answers: [],
} as unknown as PagePlan;

function onPage() {
  const say = jest.fn();
  const page = { plan: PLAN, entries: [], say } as unknown as Parameters<typeof useDay>[0];
  return { say, ...renderHook(() => useDay(page)) };
}

const SAYING: Saying = { done: 'done', why: null, pain: 0, sharp: false };

it.each([
  ['nothing', {}, false],
  ['a pain of 1', { pain: 1 }, true],
  ['that it was sharp', { sharp: true }, true],
  ['that it hurt', { done: 'not', why: 'hurt' }, true],
  ['that there was no time', { done: 'not', why: 'no-time' }, false],
] as const)('who says %s is asked the questions of safety: %p', (_, part, asked) => {
  const { say, result } = onPage();
  act(() => result.current.said(result.current.withDrill(DOSE), { ...SAYING, ...part }));
  expect(say).toHaveBeenCalledWith(expect.objectContaining({ kind: 'dose', planVersion: 3 }));
  expect(result.current.asking).toBe(asked);
});

it('what is answered is said, and asked no more', () => {
  const { say, result } = onPage();
  act(() => result.current.said(result.current.withDrill(DOSE), { ...SAYING, sharp: true }));
  act(() => result.current.answered(['night-pain']));
  expect(say).toHaveBeenLastCalledWith(
    expect.objectContaining({ kind: 'safety', positives: ['night-pain'], on: today() }),
  );
  expect(result.current.asking).toBe(false);
});

const drill = (part: Partial<DrillRecord>): DrillRecord => ({
  ...NOTHING_DONE,
  id: 'd',
  clientId: '',
  visitId: '',
  drill: DRILL.drill,
  side: null,
  targets: [],
  place: 0,
  dose: { by: 'reps', reps: 5, sets: 1, secondsEach: 4 },
  ...part,
});

it.each([
  ['done', { status: 'done' }, { sharp: false }],
  ['stopped at a pain of 3', { status: 'stopped', pain: 3 }, { sharp: true, why: 'hurt' }],
  // Of 5 and more the number says enough by itself.
  ['stopped at a pain of 5', { status: 'stopped', pain: 5 }, { sharp: false, why: 'hurt' }],
] as const)('a dose played to its end is told of as %s', (_, part, begin) => {
  const { result } = onPage();
  act(() => result.current.play(DOSE));
  act(() => result.current.played(drill(part)));
  expect([result.current.playing, result.current.telling]).toEqual([
    null,
    expect.objectContaining({ dose: DOSE, begin: expect.objectContaining(begin) }),
  ]);
});

it('another day is chosen, and today is what it was without a choice', () => {
  const { result } = onPage();
  act(() => result.current.choose('2026-01-01'));
  expect([result.current.day, result.current.doses]).toEqual(['2026-01-01', []]);
  act(() => result.current.choose(today()));
  expect(result.current.doses).toHaveLength(1);
});
