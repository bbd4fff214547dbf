import { measuredOf, SIDES } from '../../src';
import { analysed, film } from './films';

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

/** How far each measure may be off its truth, in its own unit. */
const TOLERANCE: Readonly<Record<string, number>> = {
  thigh: 3,
  'trunk-lean': 3,
  'shin-lean': 3,
  'knee-past-toes': 15,
  'heel-rise': 10,
  'hips-first': 4,
  'hip-shift': 12,
  'trunk-side-bend': 2,
  'shin-in': 3,
  'turn-out-gain': 4,
};

const rows = SIDES.flatMap((leg) =>
  (['left', 'right', 'front', 'back'] as const).map((view) => [leg, view] as const),
);

/** Seen from the side, the picture is levelled by the foot on the floor; from the front the tripod is trusted. */
describe.each(rows)('a squat on the %s leg, seen from %s', (leg, view) => {
  const document = film({
    setup: { oneLeg: leg, stanceCm: 36, toeOutDeg: { left: 8, right: 8 }, depthAimDeg: 32 },
    depthDeg: 32,
    camera: { view, pixelsPerMetre: 400, rollDeg: view === 'left' || view === 'right' ? 3 : 0 },
    noise: 0.006,
    seed: 4,
  });
  const analysis = analysed(document);

  it('counts, levels and measures the leg that stands', () => {
    expect(analysis.repetitions).toHaveLength(5);
    const checked = document.truth.measures.flatMap(({ measure, side, perRepetition }) => {
      const found =
        side === null || side === leg ? measuredOf(analysis.measures, measure, side) : null;
      if (!found) return [];
      expect([measure, Math.abs(found.mean - mean(perRepetition)) < TOLERANCE[measure]]).toEqual([
        measure,
        true,
      ]);
      return [measure];
    });
    expect(checked.length).toBeGreaterThan(3);
  });

  it('says of the other leg that it is in the air, and proposes nothing', () => {
    const free = leg === 'left' ? 'right' : 'left';
    expect(analysis.measures.filter(({ side }) => side === free)).toEqual([]);
    const whys = analysis.notMeasured.filter(({ side }) => side === free).map(({ why }) => why);
    expect(new Set(whys)).toEqual(new Set([`the ${free} leg is in the air`]));
    expect(analysis.proposals).toEqual([]);
  });
});
