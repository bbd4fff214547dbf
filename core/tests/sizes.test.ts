import {
  CHECKS,
  FAULTS,
  GRADES,
  trace,
  USUAL_SETUP,
  type CaseFile,
  type FaultRow,
  type RangeCheck,
  type RangeNorm,
  type SeenFault,
} from '../src';
import { FAULT_SIZES } from '../src/knowledge/faultSizes';
import { LINKS } from '../src/knowledge/links';
import { rangeRatio } from '../src/inference/trace/rangeRatio';
import { faultRatio } from '../src/inference/trace/sizeRatio';
import { fileOf } from './fileMadeUp';

const caseOf = (
  checks: CaseFile['checks'],
  faults: CaseFile['look']['faults'] = [],
  history: CaseFile['client']['history'] = [],
): CaseFile => fileOf({ client: { history }, look: { faults }, checks });

const probability = (file: CaseFile, key: string): number =>
  trace(file).causes.find((one) => one.key === key)!.p;

const slide: SeenFault = { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' };
const shin: SeenFault = {
  fault: 'shin-stays-upright',
  side: 'right',
  phase: 'bottom',
  grade: 'plain',
};
const sprain: CaseFile['client']['history'] = [{ what: 'sprain', region: 'ankle', side: 'right' }];

/** The ankle, and the cause that a place at its end speaks for. */
const ENDS = [
  [undefined, 'ankle-joint'],
  ['front', 'ankle-joint'],
  ['calf-deep', 'calf-deep'],
] as const;

describe.each([
  ['nothing else', [], []],
  ['a slide', [slide], []],
  ['a slide and an old sprain', [slide], sprain],
  ['a slide and an upright shin', [slide, shin], []],
])('an ankle of 45° down to 20°, with %s', (_name, faults, history) => {
  it.each(ENDS)(
    'felt %s: no degree is a cliff, and none speaks for a freer ankle',
    (felt, cause) => {
      const at = (passive: number) =>
        probability(
          caseOf(
            [{ check: 'ankle-bend-knee-bent', side: 'right', passive, ...(felt ? { felt } : {}) }],
            faults,
            history,
          ),
          `${cause}:right`,
        );
      const all = Array.from({ length: 26 }, (_, i) => at(45 - i));
      const steps = all.slice(1).map((p, i) => p - all[i]);
      expect(Math.min(...steps)).toBeGreaterThanOrEqual(0);
      expect(Math.max(...steps)).toBeLessThanOrEqual(0.12);
    },
  );
});

/** Checks that measure the very thing that one cause, and no other, is. */
const OWN = (CHECKS as readonly RangeCheck[]).flatMap((row) => {
  const causes = LINKS.filter(
    ({ finding, strength }) => finding === `range:${row.id}` && strength === 'is',
  );
  return row.type === 'range' && causes.length === 1
    ? [[row.id, causes[0].cause, row] as const]
    : [];
});

it('many checks measure one cause alone', () => expect(OWN.length).toBeGreaterThan(10));

it.each(OWN)('%s: plainly short makes %s likely, plainly usual unlikely', (id, cause, { norm }) => {
  const { usual, restricted } = norm;
  const way = Math.sign(usual[0] - restricted[0]);
  const key = `${cause}:${LINKS.find((one) => one.cause === cause)!.side === 'any' && cause === 'midback' ? '-' : 'right'}`;
  const at = (passive: number) =>
    probability(caseOf([{ check: id as never, side: 'right', passive }]), key);
  expect(at(Math.max(norm.least, restricted[0] - 2 * way * restricted[1]))).toBeGreaterThan(0.55);
  expect(at(usual[0])).toBeLessThan(0.05);
});

it.each([
  ['knee-bend', 'knee-bend', 100, 0.65],
  ['hip-bend', 'hip-bend', 85, 0.9],
] as const)('%s of %s: %s° is what it is', (check, cause, passive, least) => {
  const file = caseOf([{ check, side: 'right', passive }]);
  expect(probability(file, `${cause}:right`)).toBeGreaterThan(least);
});

describe('what a reading says', () => {
  const norms = {
    'more is better': { usual: [40, 8], restricted: [28, 8], sem: 3 },
    'less is better': { usual: [10, 8], restricted: [26, 8], sem: 3 },
  } as unknown as Record<string, RangeNorm>;

  it.each([
    ['more is better', 56, 66, 12, 0],
    ['less is better', -6, -20, 42, 60],
  ])(
    '%s: beyond two standard deviations no more than there',
    (name, best, freer, worst, stiffer) => {
      const at = (value: number) => rangeRatio(value, norms[name]);
      expect(at(freer)).toBe(at(best));
      expect(at(stiffer)).toBe(at(worst));
      const inside = Math.sign(worst - best) / 2;
      expect(at(best + inside)).toBeGreaterThan(at(best));
      expect(at(worst - inside)).toBeLessThan(at(worst));
      expect(at(best)).toBeLessThan(1);
      expect(at(worst)).toBeGreaterThan(1);
    },
  );

  it('never more than a thousand to one, for or against', () => {
    const far = { usual: [100, 3], restricted: [10, 3], sem: 1 } as unknown as RangeNorm;
    expect([rangeRatio(100, far), rangeRatio(10, far)]).toEqual([1 / 1000, 1000]);
  });
});

describe('the size of a fault', () => {
  const squat = { pattern: 'squat', setup: USUAL_SETUP } as const;
  const rowOf = (id: string) => (FAULTS as readonly FaultRow[]).find((row) => row.id === id)!;
  const ratio = (fault: SeenFault) => faultRatio(fault, rowOf(fault.fault), squat);

  it('a slight one of 2 mm says little, a marked one of 60 mm much', () => {
    expect(ratio({ ...slide, grade: 'slight', value: 2 })).toBeLessThan(2);
    expect(ratio({ ...slide, grade: 'marked', value: 60 })).toBeGreaterThan(100);
  });

  it('every grade says more than the one before, with a number and without', () => {
    for (const value of [undefined, 10, 40]) {
      const [slight, plain, marked] = GRADES.map((grade) => ratio({ ...slide, grade, value }));
      expect(slight).toBeLessThan(plain);
      expect(plain).toBeLessThan(marked);
    }
  });

  it.each(Object.keys(FAULT_SIZES))('%s: the further beyond what is usual, the more', (id) => {
    const row = rowOf(id);
    const size = FAULT_SIZES[row.id as keyof typeof FAULT_SIZES]!;
    const begins = typeof size.begins === 'number' ? size.begins : size.begins(squat);
    const seen = (value: number): SeenFault =>
      ({ fault: id, phase: 'bottom', grade: 'plain', value }) as SeenFault;
    const beyond = (by: number) => ratio(seen(begins + (size.less ? -by : by)));
    const ratios = [-row.eyeSem, 0, row.eyeSem, 3 * row.eyeSem, 6 * row.eyeSem].map(beyond);
    expect(ratios[0]).toBe(ratios[1]);
    expect(ratios.slice(2).every((one, i) => one > ratios[i + 1])).toBe(true);
  });

  it.each((FAULTS as readonly FaultRow[]).filter(({ unit }) => unit !== null).map(({ id }) => id))(
    '%s carries a number, and has an edge of what is usual',
    (id) => expect(FAULT_SIZES).toHaveProperty(id),
  );

  it('a depth is short of the depth that was aimed for', () => {
    const short = (depthAimDeg: number) =>
      faultRatio(
        { fault: 'depth-short', phase: 'bottom', grade: 'plain', value: 10 },
        rowOf('depth-short'),
        { pattern: 'squat', setup: { depthAimDeg } },
      );
    expect(short(-10)).toBeGreaterThan(short(0));
    expect(short(15)).toBeLessThan(short(0));
  });
});
