import { caseFileFrom } from '@taxikine/core/exchange/case/caseFileFrom';
import { parseCase } from '@taxikine/core/exchange/case/caseSchema';
import { trace, type Trace } from '@taxikine/core/inference/trace/trace';
import { drawnCauses, ROW, traceLayout } from '../src/visit/trace/threadLayout';

const traced = (part: object, given: object[] = []): Trace => {
  const read = parseCase({
    format: 'taxikine-case',
    version: 1,
    client: { heightM: 1.75, massKg: 75, given },
    look: {
      pattern: 'squat',
      faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    },
    ...part,
  });
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  return trace(caseFileFrom(read.value));
};

const STIFF = {
  checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 25, felt: 'front' }],
};
const keys = (list: readonly { key: string }[]) => list.map(({ key }) => key);

it('draws what is likely', () => {
  const found = traced(STIFF);
  expect(keys(drawnCauses(found, found, null))).toEqual(['ankle-joint:right']);
});

it('a thread that thins while findings are left out does not vanish', () => {
  const [shown, actual] = [traced({}), traced(STIFF)];
  expect(keys(drawnCauses(shown, actual, null))).toContain('ankle-joint:right');
});

it('what the coach pinned is drawn, and first', () => {
  const coach = [{ cause: 'breath', says: 'pinned', why: 'heard it' }];
  const found = traced({ ...STIFF, coach });
  expect(keys(drawnCauses(found, found, null))[0]).toBe('breath:-');
});

it('what is read is drawn, however unlikely', () => {
  const found = traced(STIFF);
  expect(keys(drawnCauses(found, found, 'breath:-'))).toEqual(['ankle-joint:right', 'breath:-']);
});

it('what is given stands apart, below a line', () => {
  const found = traced(STIFF, [{ cause: 'fixed-knee', side: 'left' }]);
  const drawn = drawnCauses(found, found, null);
  const { causes, builtY, height } = traceLayout(['hips-slide@left'], drawn);
  expect(keys(causes)).toEqual(['ankle-joint:right', 'fixed-knee:left']);
  expect(builtY).toBeGreaterThan(causes[0].y);
  expect(builtY).toBeLessThan(causes[1].y);
  expect(height).toBeGreaterThan(2 * ROW);
});

it.each([1, 2, 5])('%p faults have room, however few causes there are', (count) => {
  const found = traced(STIFF);
  const faults = Array.from({ length: count }, (_, i) => `f${i}`);
  const { faults: spots, height } = traceLayout(faults, drawnCauses(found, found, null));
  for (const [i, { y }] of spots.entries())
    if (i > 0) expect(y - spots[i - 1].y).toBeGreaterThanOrEqual(ROW);
  expect(height).toBeGreaterThanOrEqual(count * ROW);
});
