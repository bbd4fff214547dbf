import {
  caseFileFrom,
  disagreementsFor,
  leavableFindings,
  trace,
  withoutFindings,
  type HistoryItem,
  type SeenFault,
} from '../src';
import { LIKELY_ENOUGH } from '../src/inference/trace/likelyEnough';
import { fileOf } from './fileMadeUp';
import { ACCEPTANCE_CASES } from './cases/acceptanceCases';

const SLIDE = caseFileFrom(ACCEPTANCE_CASES[0].file);
const seen = (fault: SeenFault['fault']): SeenFault => ({
  fault,
  phase: 'bottom',
  grade: 'plain',
});
const HABITS: HistoryItem[] = [{ what: 'sitting' }, { what: 'sprain', region: 'ankle' }];

describe('leaving findings out', () => {
  it.each(ACCEPTANCE_CASES.map(({ name, file }) => [name, file] as const))(
    '%s: each key leaves out one finding and no other',
    (_name, file) => {
      const whole = caseFileFrom(file);
      const all = leavableFindings(whole);
      expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
      for (const { key, words } of all) {
        expect(words).not.toBe('');
        const rest = leavableFindings(withoutFindings(whole, new Set([key])));
        expect(rest.length).toBe(all.length - 1);
      }
    },
  );

  it('without its check the ankle is less sure, without anything it is back where it began', () => {
    const p = (left: string[]) =>
      trace(withoutFindings(SLIDE, new Set(left))).causes.find(
        ({ key }) => key === 'ankle-joint:right',
      )!.p;
    const all = leavableFindings(SLIDE).map(({ key }) => key);
    expect(p(['check:ankle-bend-knee-bent@right'])).toBeLessThan(p([]));
    // A sprain in the history triples odds of 0.15.
    expect(p(all)).toBeCloseTo((3 * 0.15) / 0.85 / (1 + (3 * 0.15) / 0.85), 6);
  });
});

describe('disagreements of schools', () => {
  const ids = (file: typeof SLIDE, next: 'training' | 'rest') =>
    disagreementsFor(file, trace(file), next).map(({ id }) => id);

  it('are shown where they bear on the case', () => {
    expect(ids(SLIDE, 'training')).toEqual(expect.arrayContaining(['cue-or-part']));
    expect(ids(SLIDE, 'training')).not.toContain('hold-how-long');
  });

  it('holding before training matters to short muscles, before training only', () => {
    const hamstrings = caseFileFrom(ACCEPTANCE_CASES[2].file);
    expect(ids(hamstrings, 'training')).toContain('hold-before-training');
    expect(ids(hamstrings, 'rest')).not.toContain('hold-before-training');
  });

  it.each([
    [
      'one fault of some',
      { look: { faults: [seen('knee-in'), seen('tips-back')] } },
      'cue-or-part',
    ],
    ['one habit of some', { client: { history: HABITS } }, 'how-often'],
  ] as const)('bear on a case by %s', (_name, part, id) => {
    const file = fileOf(part as Parameters<typeof fileOf>[0]);
    expect(ids(file, 'rest')).toContain(id);
    expect(ids(fileOf(), 'rest')).not.toContain(id);
  });

  it('bear on a cause that is just likely enough, and on none that is less', () => {
    const likely = (p: number) => ({ ...trace(fileOf()), causes: [{ ...causeAt, p }] });
    const [causeAt] = trace(fileOf()).causes.filter(({ cause }) => cause === 'hip-side-control');
    const found = (p: number) => disagreementsFor(fileOf(), likely(p), 'rest').map(({ id }) => id);
    expect(found(LIKELY_ENOUGH)).toContain('cue-or-part');
    expect(found(LIKELY_ENOUGH - 1e-9)).not.toContain('cue-or-part');
  });
});
