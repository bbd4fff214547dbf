import type { CaseFile } from '../src';
import { posteriors } from '../src/inference/trace/inference/posteriors';
import { maybeTrace } from '../src/inference/trace/maybeTrace';
import { trace } from '../src';
import { fileOf } from './fileMadeUp';

const seen = (fault: string): CaseFile =>
  fileOf({ look: { faults: [{ fault: fault as never, phase: 'bottom', grade: 'plain' }] } });

it('is the trace, where there is one', () =>
  expect(maybeTrace(seen('tips-back'))).toEqual(trace(seen('tips-back'))));

it('is none for what no table knows, and hides no other error', () => {
  expect(maybeTrace(seen('nose-itches'))).toBeNull();
  expect(() => maybeTrace({} as CaseFile)).toThrow(TypeError);
});

it('findings that exclude each other are refused, not divided by nothing', () => {
  const nodes = [{ key: 'a', cause: 'trunk-hold', side: null, prior: 1 }] as const;
  const clear = {
    id: 'f',
    words: '',
    ratio: 0,
    leak: 0.05,
    arrows: [{ node: 0, strength: 1 }],
    factors: [],
  };
  expect(() => posteriors({ nodes, findings: [clear] })).toThrow(
    new RangeError('these findings cannot be true together'),
  );
});
