import { FAULTS } from '@taxikine/core/knowledge/faults';
import type { Pattern } from '@taxikine/core/body/stance/patterns';
import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import type { Proposal } from '@taxikine/core/media/recording/proposals';
import { accepted, faultOf, isAccepted, takenBack } from '../src/measure/recording/acceptProposal';
import { saidMeasure } from '../src/measure/recording/MeasureList';
import { recordingApi, type Stage } from '../src/measure/recording/recordingApi';
import { causesToPlay, playable, PLAYS_NOTHING } from '../src/measure/recording/plays';
import { playedBody } from '../src/measure/recording/standInCamera';

const LOOK: LookRecord = {
  id: 'l',
  clientId: 'c',
  visitId: 'v',
  role: 'first',
  setup: USUAL_SETUP,
  ...NOTHING_SEEN,
  startedOn: '',
};
const FILE = {
  client: { heightM: 1.68, massKg: 64, segments: {} },
  visits: [],
  checks: [],
  looks: [LOOK],
} as unknown as ClientFile;

const slide: Proposal = {
  fault: 'hips-slide',
  side: 'left',
  phase: 'bottom',
  grade: 'plain',
  value: 31.4,
  unit: 'mm',
  seenIn: 5,
  of: 5,
  confidence: 0.9,
};

describe('a proposal', () => {
  it('is logged as a coach would, its number rounded', () => {
    expect(faultOf(slide)).toEqual({
      fault: 'hips-slide',
      side: 'left',
      phase: 'bottom',
      grade: 'plain',
      value: 31,
      unit: 'mm',
    });
  });

  it('is nothing before it is accepted, and gone when it is taken back', () => {
    const look: LookRecord = { ...LOOK, faults: [], clear: ['hips-slide', 'knee-in'] };
    expect(isAccepted(look, slide)).toBe(false);
    const taken = accepted(look, slide);
    expect(isAccepted(taken, slide)).toBe(true);
    expect(taken.clear).toEqual(['knee-in']);
    expect(takenBack(taken, slide).faults).toEqual([]);
  });

  it('takes the place of what was logged there, on its own side alone', () => {
    const right = { ...slide, side: 'right' as const };
    const look = accepted(accepted(LOOK, right), { ...slide, value: 20 });
    const again = accepted(look, slide);
    expect(again.faults).toHaveLength(look.faults.length);
    expect(again.faults.find(({ side }) => side === 'left')?.value).toBe(31);
  });

  it.each([
    ['no more than can be meant', 4000, 200],
    ['not less than nothing', -3, 0],
  ])('holds %s', (_, value, kept) => {
    expect(faultOf({ ...slide, value }).value).toBe(kept);
  });
});

it.each([
  [{ measure: 'thigh', side: 'left', mean: 12.4, sd: 1.6, unit: 'deg' }, '12 ±\u00a02°'],
  [{ measure: 'hip-shift', side: null, mean: -31, sd: 4, unit: 'mm' }, '−31 ±\u00a04\u00a0mm'],
  [{ measure: 'thigh', side: 'left', mean: -0.4, sd: 1, unit: 'deg' }, '0 ±\u00a01°'],
  [{ measure: 'thigh', side: 'left', mean: -0.6, sd: 1, unit: 'deg' }, '−1 ±\u00a01°'],
  [{ measure: 'down-time', side: null, mean: 1.23, sd: null, unit: 's' }, '1.2\u00a0s'],
] as const)('%o is said as %s', (measured, words) => {
  expect(saidMeasure({ ...measured, perRepetition: [], confidence: 1 })).toBe(words);
});

it.each(['squat', 'hinge', 'lunge', 'split'] as const)(
  'the stand-in camera plays only what a %s has and the view shows',
  (pattern) => {
    for (const view of ['right', 'back'] as const)
      for (const id of playable(pattern, view)) {
        const row = FAULTS.find((one) => one.id === id)!;
        expect((row.patterns as readonly Pattern[]).includes(pattern)).toBe(true);
        expect(row.views as readonly string[]).toContain(view === 'right' ? 'side' : 'back');
      }
  },
);

it.each([
  ['a first look', 'first', LOOK.visitId, 26],
  ['the look after the drills', 'again', LOOK.visitId, 31],
  ['a first look of another day', 'first', 'another', 31],
] as const)('films the ankle that was measured up to %s', (_name, role, visitId, deg) => {
  const ankle = (passive: number, at: 'first' | 'again', doneOn: string) =>
    ({
      ...{ check: 'ankle-bend-knee-bent', side: 'right', passive, active: null, result: null },
      ...{ visitId: LOOK.visitId, role: at, doneOn, removed: false, repeats: {}, cheats: [] },
    }) as unknown as ClientFile['checks'][number];
  const checks = [
    ankle(31, 'again', '2026-11-01T11:00:00.000Z'),
    ankle(26, 'first', '2026-11-01T10:00:00.000Z'),
  ];
  const look: LookRecord = { ...LOOK, role, visitId, startedOn: '2026-11-02T09:00:00.000Z' };
  const input = playedBody({ ...FILE, checks }, look, 'squat', 'back', PLAYS_NOTHING, 3);
  expect(input.limits.right?.ankleBendDeg).toBe(deg);
});

it('what can be behind it is said once for each side, and is played', () => {
  const causes = causesToPlay();
  expect(new Set(causes.map(({ key }) => key)).size).toBe(causes.length);
  expect(new Set(causes.map(({ words }) => words)).size).toBe(causes.length);
  for (const { words } of causes) expect(words).not.toMatch(/[{}]/);
  const cause = causes.find(({ key }) => key === 'quad-strength:right')!;
  const { causes: played } = playedBody(
    FILE,
    LOOK,
    'squat',
    'back',
    { ...PLAYS_NOTHING, cause },
    3,
  );
  expect(played).toEqual([{ cause: 'quad-strength', side: 'right' }]);
});

describe('the worker’s answers', () => {
  const stages: Stage[] = [];
  const onStage = (stage: Stage) => stages.push(stage);

  it('films this client’s body with what was measured, and measures the film', async () => {
    const input = playedBody(
      FILE,
      LOOK,
      'squat',
      'back',
      { ...PLAYS_NOTHING, fault: 'hips-slide' },
      3,
    );
    expect(input.body.heightM).toBe(FILE.client.heightM);
    const outcome = recordingApi.measurePlayed(input, onStage);
    if (outcome.status !== 'shown') throw new Error(JSON.stringify(outcome));
    expect(stages).toEqual(['playing', 'reading', 'measuring']);
    const { analysis, document, height, curves } = outcome.shown;
    expect(analysis.repetitions).toHaveLength(5);
    expect(analysis.proposals.map(({ fault }) => fault)).toContain('hips-slide');
    expect(height.length).toBeGreaterThan(300);
    expect(curves.every(({ repetitions }) => repetitions.length === 5)).toBe(true);
    // What it filmed can be kept and opened again as a file.
    const file = { size: document!.length, text: async () => document } as unknown as Blob;
    const again = await recordingApi.measureFile(file, {}, undefined, onStage);
    expect(again.status === 'shown' && again.shown.analysis).toEqual(analysis);
  });

  it.each([
    ['a text', 'hips slide', 'is neither keypoint JSON nor a table with time, joint, x and y'],
    ['half a file', '{"frames":[', 'the file ends in the middle'],
  ])('%s is refused in words', async (_, text, words) => {
    const file = { size: text.length, text: async () => text } as unknown as Blob;
    const outcome = await recordingApi.measureFile(file, {}, undefined, onStage);
    expect(outcome.status === 'bad' && outcome.problems[0]).toContain(words);
  });

  it('a file of 300 MB is refused before it is read', async () => {
    const text = jest.fn();
    const file = { size: 300 * 1024 * 1024, text } as unknown as Blob;
    const outcome = await recordingApi.measureFile(file, {}, undefined, onStage);
    expect(outcome.status === 'bad' && outcome.problems[0]).toMatch(/300 MB/);
    expect(text).not.toHaveBeenCalled();
  });
});
