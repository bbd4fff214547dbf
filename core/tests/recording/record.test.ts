import { parseRecorderInput } from '../../src';
import { BODY, film } from './films';

it('the same seed plays the same recording, another one another', () => {
  expect(film({ seed: 4 })).toEqual(film({ seed: 4 }));
  expect(film({ seed: 4 }).frames).not.toEqual(film({ seed: 5 }).frames);
});

it('holds COCO’s points and the feet, three numbers each', () => {
  const { joints, frames } = film();
  expect(joints).toHaveLength(21);
  for (const { keypoints } of frames) expect(keypoints).toHaveLength(63);
  expect(film({ feet: false }).joints).toHaveLength(17);
});

it('loses about as many frames as it is told to, never the first', () => {
  const [all, some] = [film({ dropped: 0 }), film({ dropped: 0.2 })];
  const share = some.frames.length / all.frames.length;
  expect(share).toBeGreaterThan(0.72);
  expect(share).toBeLessThan(0.88);
  expect(some.frames[0].t).toBe(0);
});

it('a stiff ankle ends the way down, and the truth says where', () => {
  const stiff = { ankleBendDeg: 22 };
  const { truth } = film({ limits: { left: stiff, right: stiff }, depthDeg: -10 });
  expect(truth.depthDeg).toBeGreaterThan(5);
  const thigh = truth.measures.find(({ measure }) => measure === 'thigh')!;
  for (const one of thigh.perRepetition) expect(one).toBeGreaterThan(truth.depthDeg - 0.5);
});

it('each played fault is in the truth of its own measure', () => {
  const of = (fault: object, measure: string, side: string | null) =>
    film({ faults: [fault], camera: { view: 'back' } }).truth.measures.find(
      (one) => one.measure === measure && one.side === side,
    )!.perRepetition[0];
  expect(of({ fault: 'hips-slide', side: 'right', amount: 40 }, 'hip-shift', null)).toBeLessThan(
    -36,
  );
  expect(
    of({ fault: 'heel-lifts', side: 'left', amount: 30 }, 'heel-rise', 'left'),
  ).toBeGreaterThan(27);
  expect(of({ fault: 'heel-lifts', side: 'left', amount: 30 }, 'heel-rise', 'right')).toBeCloseTo(
    0,
    6,
  );
  expect(
    of({ fault: 'foot-turns-out', side: 'left', amount: 15 }, 'turn-out-gain', 'left'),
  ).toBeGreaterThan(13);
});

it.each([
  ['body.heightM', { body: { heightM: 0, massKg: 75 } }],
  ['repetitions', { repetitions: 0 }],
  ['repetitions', { repetitions: 500, framesPerSecond: 240 }],
  ['faults.0.fault', { faults: [{ fault: 'grace' }] }],
  ['faults.0.amount', { faults: [{ fault: 'hips-slide', amount: -3 }] }],
  ['camera.view', { camera: { view: 'above' } }],
  ['noise', { noise: 3 }],
  ['seed', { seed: 1.5 }],
  ['setup.stanceCm', { setup: { stanceCm: 190 } }],
])('refuses %s', (path, input) => {
  const read = parseRecorderInput({ body: BODY, ...input });
  expect(read.status === 'bad' && read.problems.map((one) => one.path)).toContain(path);
});
