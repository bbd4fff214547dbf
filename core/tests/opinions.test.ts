import { trace, type CaseFile, type Lesson, type Opinion, type TracedCause } from '../src';
import { caseFileFrom, nextChecks, reasonsOf } from '../src';
import { caseOf } from './cases/acceptanceCases';

const FILE = caseFileFrom(
  caseOf({
    look: {
      faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    },
  }),
);

const causeOf = (file: CaseFile, key: string): TracedCause =>
  trace(file).causes.find((cause) => cause.key === key)!;
const withOpinion = (says: Opinion['says']): CaseFile => ({
  ...FILE,
  coach: [{ cause: 'ankle-joint', side: 'right', says, why: 'felt it stop' }],
});
const withLesson = (outcome: Lesson['outcome']): CaseFile => ({
  ...FILE,
  lessons: [{ cause: 'ankle-joint', side: 'right', outcome, words: 'three weeks of rocks' }],
});

const KEY = 'ankle-joint:right';
const RIVAL = 'hip-bend:right';

describe('the coach’s word', () => {
  it('pinned: the cause is there, its rivals give way, and the record keeps both opinions', () => {
    const before = causeOf(FILE, KEY);
    const after = causeOf(withOpinion('pinned'), KEY);
    expect(after.p).toBe(1);
    expect(after.byFindings).toBeCloseTo(before.p, 12);
    expect(after.coach).toMatchObject({ says: 'pinned', why: 'felt it stop' });
    expect(causeOf(withOpinion('pinned'), RIVAL).p).toBeLessThan(causeOf(FILE, RIVAL).p);
  });

  it('dismissed: the cause is gone, its rivals rise', () => {
    expect(causeOf(withOpinion('dismissed'), KEY)).toMatchObject({ p: 0 });
    expect(causeOf(withOpinion('dismissed'), KEY).byFindings).toBeGreaterThan(0.2);
    expect(causeOf(withOpinion('dismissed'), RIVAL).p).toBeGreaterThan(causeOf(FILE, RIVAL).p);
  });

  it('changes no reason: those are the findings’', () =>
    expect(reasonsOf(withOpinion('pinned'))).toEqual(reasonsOf(FILE)));

  it('nothing more is asked about a cause that is settled', () => {
    const tells = nextChecks(withOpinion('dismissed')).ranked.flatMap((one) =>
      Object.keys(one.tells),
    );
    expect(tells.length).toBeGreaterThan(0);
    expect(tells).not.toContain(KEY);
  });

  it('does not unmake what is given', () => {
    const given: CaseFile = {
      ...FILE,
      client: { ...FILE.client, given: [{ cause: 'fixed-ankle', side: 'right' }] },
      coach: [{ cause: 'fixed-ankle', side: 'right', says: 'dismissed', why: 'no' }],
    };
    expect(causeOf(given, 'fixed-ankle:right')).toMatchObject({ p: 1, coach: null });
  });
});

describe('what an earlier visit taught', () => {
  it.each([
    ['helped', 1],
    ['unmoved', -1],
    ['not-it', -1],
  ] as const)('%s moves the cause, and its rivals the other way', (outcome, way) => {
    const moved = causeOf(withLesson(outcome), KEY).p - causeOf(FILE, KEY).p;
    const rival = causeOf(withLesson(outcome), RIVAL).p - causeOf(FILE, RIVAL).p;
    expect(Math.sign(moved)).toBe(way);
    expect(Math.sign(rival)).toBe(-way);
  });

  it('a joint that moved without the pattern says more than one that did not move', () =>
    expect(causeOf(withLesson('not-it'), KEY).p).toBeLessThan(
      causeOf(withLesson('unmoved'), KEY).p,
    ));

  it('is told as a reason, in its words', () =>
    expect(reasonsOf(withLesson('not-it')).get(KEY)!.reasons).toContainEqual(
      expect.objectContaining({ words: 'three weeks of rocks' }),
    ));

  it('the newest lesson of a cause speaks', () => {
    const [older] = withLesson('helped').lessons!;
    const [newer] = withLesson('not-it').lessons!;
    expect(causeOf({ ...FILE, lessons: [older, newer] }, KEY).p).toBeCloseTo(
      causeOf(withLesson('not-it'), KEY).p,
      12,
    );
  });
});
