import { oneFault, SIDES } from '../../src';
import { RULES } from '../../src/media/recording/proposals';
import { measuredOf } from '../../src';
import { analysed, film } from './films';

const CAMERA = { rollDeg: 3, pitchDeg: -2, pixelsPerMetre: 400 };
const from = (view: string) => ({ camera: { ...CAMERA, view }, dropped: 0.05, noise: 0.01 });

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

/** How far each measure may be off its truth, in its own unit. */
const TOLERANCE: Readonly<Record<string, number>> = {
  thigh: 3,
  'trunk-lean': 3,
  'shin-lean': 3,
  'knee-past-toes': 12,
  'heel-rise': 10,
  'hips-first': 3,
  'hip-shift': 10,
  'trunk-side-bend': 2,
  'shin-in': 3,
  'turn-out-gain': 4,
};

describe.each(['right', 'left', 'front', 'back'])('seen from %s', (view) => {
  const document = film({ ...from(view), seed: 3 });
  const analysis = analysed(document);

  it('counts five repetitions and finds the camera’s roll', () => {
    expect(analysis.repetitions).toHaveLength(5);
    expect(analysis.rollDeg).toBeCloseTo(3, 0);
    analysis.repetitions.forEach(({ bottom }, i) =>
      expect(Math.abs(bottom - document.truth.repetitions[i].bottom)).toBeLessThan(0.25),
    );
  });

  it('measures what was played, each with its spread', () => {
    const checked = document.truth.measures.flatMap(({ measure, side, perRepetition }) => {
      const found = measuredOf(analysis.measures, measure, side);
      if (!found) return [];
      expect(found.perRepetition).toHaveLength(5);
      expect(found.sd).toBeGreaterThan(0);
      expect(Math.abs(found.mean - mean(perRepetition))).toBeLessThan(TOLERANCE[measure]);
      return [measure];
    });
    expect(checked.length).toBeGreaterThan(4);
  });

  it('proposes nothing', () => {
    expect(analysis.proposals).toEqual([]);
  });

  it('knows by itself where the camera stood', () => {
    const { view: _, pattern: __, ...bare } = document;
    const again = analysed(bare);
    expect(again.view).toBe(view);
    expect(again.notes).toEqual([`camera taken to be at: ${view}`, 'pattern taken to be: squat']);
  });
});

it.each([
  [24, 0],
  [45, 25],
  [64, 0],
])('a thigh that opens is no deeper than it is: %i cm apart, toes %i° out', (stanceCm, toes) => {
  const setup = { stanceCm, toeOutDeg: { left: toes, right: toes } };
  const document = film({ ...from('right'), dropped: 0, noise: 0, seed: 5, depthDeg: 22, setup });
  const analysis = analysed(document);
  const truth = document.truth.measures.find(
    ({ measure, side }) => measure === 'thigh' && side === 'right',
  )!;
  const seen = measuredOf(analysis.measures, 'thigh', 'right')!;
  expect(Math.abs(seen.mean - mean(truth.perRepetition))).toBeLessThan(1.2);
});

it('a large belly leans a trunk more early in the rise by itself, and nothing is proposed of it', () => {
  const body = { heightM: 1.55, massKg: 110 };
  const document = film({ ...from('right'), noise: 0, seed: 8, depthDeg: -8, body });
  expect(analysed(document).proposals).toEqual([]);
});

describe('clear faults are proposed, on their side', () => {
  it.each([
    ['depth-short', null, 'right'],
    ['trunk-folds', null, 'left'],
    ['hips-rise-first', null, 'right'],
    ['heel-lifts', 'left', 'left'],
    ['heel-lifts', 'right', 'left'],
    ['hips-slide', 'left', 'back'],
    ['hips-slide', 'right', 'front'],
    ['trunk-side-bends', 'right', 'back'],
    ['knee-in', 'left', 'front'],
    ['knee-in', 'right', 'back'],
    ['foot-turns-out', 'left', 'back'],
  ] as const)('%s %s, seen from %s', (fault, side, view) => {
    const played = film({ ...from(view), faults: [{ fault, ...(side ? { side } : {}) }], seed: 8 });
    const { proposals } = analysed(played);
    expect(proposals).toEqual([expect.objectContaining({ fault, side, seenIn: 5, of: 5 })]);
  });

  it('stronger ones get a higher grade', () => {
    const grades = [20, 36, 60].map((amount) => {
      const played = film({ ...from('back'), faults: [{ fault: 'hips-slide', amount }] });
      return analysed(played).proposals[0].grade;
    });
    expect(grades).toEqual(['slight', 'plain', 'marked']);
  });
});

it('a stiff ankle on one side shows as a shift of the hips away from it', () => {
  const limits = { left: { ankleBendDeg: 38 }, right: { ankleBendDeg: 24 } };
  const { proposals } = analysed(film({ ...from('back'), limits, depthDeg: 12 }));
  expect(proposals.map(({ fault, side }) => `${fault} ${side}`)).toContain('hips-slide left');
});

it.each(['right', 'left', 'front', 'back'].flatMap((view) => SIDES.map((side) => [side, view])))(
  'a wedge under the %s heel does not roll the camera, seen from %s',
  (oneHeelUp, view) => {
    const document = film({ ...from(view), noise: 0, seed: 3, setup: { oneHeelUp } });
    const { rollDeg, measures } = analysed(document);
    expect(Math.abs(rollDeg - 3)).toBeLessThan(0.5);
    for (const { measure, side, perRepetition } of document.truth.measures) {
      const off =
        (measuredOf(measures, measure, side)?.mean ?? mean(perRepetition)) - mean(perRepetition);
      expect([measure, side, Math.abs(off) < TOLERANCE[measure] || off]).toEqual([
        measure,
        side,
        true,
      ]);
    }
  },
);

it('left and right trade places in a mirrored recording', () => {
  const play = (side: string, view: string) =>
    analysed(
      film({ ...from(view), noise: 0, dropped: 0, faults: [{ fault: 'heel-lifts', side }] }),
    );
  const [one, other] = [play('left', 'right'), play('right', 'left')];
  for (const side of SIDES) {
    const mirrored = side === 'left' ? 'right' : 'left';
    expect(measuredOf(one.measures, 'heel-rise', side)!.mean).toBeCloseTo(
      measuredOf(other.measures, 'heel-rise', mirrored)!.mean,
      1,
    );
  }
});

it.each([
  ['front', 'back'],
  ['right', 'left'],
])('a picture from %s that is said to be from %s is called into question', (view, said) => {
  const { notes } = analysed({ ...film(from(view)), view: said });
  expect(notes.join()).toContain(`said to be at: ${said}, but it looks like: ${view}`);
});

describe('what is not there is not made up', () => {
  it('without foot points heels and turned toes are left out, and said', () => {
    const side = analysed(film({ ...from('right'), feet: false }));
    expect(measuredOf(side.measures, 'heel-rise', 'left')).toBeNull();
    expect(side.notMeasured).toContainEqual({
      measure: 'heel-rise',
      side: 'left',
      why: 'left heel not seen',
    });
    // Trunk and shin do not need them; the camera's roll is then read off the standing body.
    expect(side.rollDeg).toBeCloseTo(3, 0);
  });

  it('a knee that is never seen takes its measures with it', () => {
    const document = film(from('right'));
    const at = document.joints.indexOf('left_knee') * 3;
    const frames = document.frames.map(({ t, keypoints }) => ({
      t,
      keypoints: keypoints.map((value, i) => (i === at + 2 ? 0 : value)),
    }));
    const analysis = analysed({ ...document, frames });
    expect(measuredOf(analysis.measures, 'thigh', 'left')).toBeNull();
    expect(measuredOf(analysis.measures, 'thigh', 'right')).not.toBeNull();
    expect(analysis.notMeasured).toContainEqual(
      expect.objectContaining({ measure: 'shin-lean', side: 'left' }),
    );
  });

  it('where nothing tells how large a pixel is, lengths are left out and angles stay', () => {
    const { pixelsPerMetre: _, heightM: __, ...bare } = film(from('back'));
    const analysis = analysed(bare);
    expect(measuredOf(analysis.measures, 'hip-shift')).toBeNull();
    expect(measuredOf(analysis.measures, 'hip-shift-share')).not.toBeNull();
    expect(measuredOf(analysis.measures, 'trunk-side-bend')).not.toBeNull();
  });

  it('a height alone gives the scale', () => {
    const { pixelsPerMetre, ...bare } = film(from('right'));
    expect(analysed(bare).pixelsPerMetre! / pixelsPerMetre).toBeCloseTo(1, 1);
  });

  it('somebody who stands still has no repetitions, no measures and no faults', () => {
    const { frames, ...rest } = film({ ...from('right'), secondsDown: 20, secondsUp: 20 });
    const standing = frames.filter(({ t }) => t < 1.4);
    const analysis = analysed({ ...rest, frames: standing });
    expect([analysis.repetitions, analysis.measures, analysis.proposals]).toEqual([[], [], []]);
  });

  it('the low back’s tuck is left to the eye', () => {
    expect(analysed(film()).notMeasured).toContainEqual(
      expect.objectContaining({ measure: 'pelvis-tuck' }),
    );
  });
});

it.each(['hinge', 'lunge', 'split'])('a %s is counted and measured too', (pattern) => {
  const document = film({ ...from('right'), pattern, seed: 5 });
  const analysis = analysed(document);
  expect(analysis.repetitions).toHaveLength(5);
  expect(analysis.rollDeg).toBeCloseTo(3, 0);
  const truth = document.truth.measures.find(({ measure }) => measure === 'trunk-lean')!;
  const found = measuredOf(analysis.measures, 'trunk-lean')!;
  expect(Math.abs(found.mean - mean(truth.perRepetition))).toBeLessThan(3);
});

it.each(RULES.map((rule) => [rule.fault, rule] as const))(
  '%s is proposed only in patterns and phases that have it, with limits that rise',
  (fault, { patterns, phase, limits, lies }) => {
    const row = oneFault(fault);
    for (const pattern of patterns) expect(row.patterns).toContain(pattern);
    expect(row.phases).toContain(phase);
    expect([...limits].sort((a, b) => a - b)).toEqual(limits);
    expect(lies === 'whole').toBe(row.sided === 'none');
  },
);
