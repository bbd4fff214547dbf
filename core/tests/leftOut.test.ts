import { NO_WISH, type SessionLimits } from '../src';
import { leftOutOf } from '../src/planning/session/leftOut';
import { candidate, likely, ROOMY } from './planMadeUp';

const ANKLE = likely('ankle-joint:right');
const CALF = likely('calf-deep:right', { p: 0.6 });
const PUMP = candidate('knee-over-outer-toes', 'right', [[ANKLE, 0.7]]);
const WEAK_PUMP = candidate('heel-ahead-hip-pump', 'right', [[ANKLE, 0.2]]);
const HOLD = candidate('bent-knee-calf-wall', 'right', [
  [CALF, 0.7],
  [ANKLE, 0.2],
]);
const BEFORE_TRAINING: SessionLimits = { ...ROOMY, next: 'training' };

const out = (
  all = [WEAK_PUMP, PUMP],
  session: typeof all = [],
  { causes = [ANKLE], limits = ROOMY, wish = NO_WISH } = {},
) =>
  leftOutOf(all, session, causes, limits, wish).map(({ drill, reason }) => `${drill}: ${reason}`);

describe('what a coach might have expected', () => {
  it('is the drill that does most for a cause that nothing is done about', () => {
    const wanted = ['knee-over-outer-toes: no room for it in 15 minutes'];
    expect(out()).toEqual(wanted);
    expect(out([PUMP, WEAK_PUMP])).toEqual(wanted);
  });

  it('has its name', () =>
    expect(leftOutOf([PUMP], [], [ANKLE], ROOMY, NO_WISH)[0].name).toBe(PUMP.drill.name));

  it('is nothing where something is done about it, by whatever', () => {
    expect(out([WEAK_PUMP, PUMP], [WEAK_PUMP])).toEqual([]);
    expect(out([PUMP], [HOLD])).toEqual([]);
  });

  it('is nothing for a cause that no drill serves', () => {
    expect(out([candidate('side-hip-lift', 'right', [[likely('hip-bend:left'), 0.5]])])).toEqual(
      [],
    );
    expect(out([])).toEqual([]);
  });

  it('is nothing for what is given, which is fitted around', () =>
    expect(out([PUMP], [], { causes: [likely('ankle-joint:right', { kind: 'given' })] })).toEqual(
      [],
    ));

  it('is said once, whatever it is for', () => {
    const both = candidate('knee-over-outer-toes', 'right', [
      [ANKLE, 0.7],
      [CALF, 0.5],
    ]);
    expect(out([both], [], { causes: [ANKLE, CALF] })).toHaveLength(1);
    expect(
      out([PUMP, candidate('point-and-pull', 'right', [[CALF, 0.5]])], [], {
        causes: [ANKLE, CALF],
      }),
    ).toHaveLength(2);
  });

  it('while all are guesses, is better asked about first', () =>
    expect(
      out([PUMP], [], { causes: [likely('ankle-joint:right', { p: 0.4, sentence: 'Stiff' })] }),
    ).toEqual(['knee-over-outer-toes: stiff is a guess yet (0.40): check first']));

  it('was taken out by the coach', () => {
    const wish = {
      ...NO_WISH,
      dropped: [{ drill: 'knee-over-outer-toes', side: 'right' as const }],
    };
    expect(out([PUMP], [], { wish })).toEqual(['knee-over-outer-toes: taken out']);
    const left = {
      ...NO_WISH,
      dropped: [{ drill: 'knee-over-outer-toes', side: 'left' as const }],
    };
    expect(out([PUMP], [], { wish: left })[0]).toContain('no room');
  });
});

describe('what something speaks against', () => {
  it('is told with what does, and the next one is not told to have no room', () =>
    expect(out([HOLD], [], { causes: [CALF], limits: BEFORE_TRAINING })).toEqual([
      'bent-knee-calf-wall: long holds wait until after training',
    ]));

  it('is not the one that would have been first', () =>
    expect(out([HOLD, PUMP], [], { causes: [ANKLE], limits: BEFORE_TRAINING })).toEqual([
      'bent-knee-calf-wall: long holds wait until after training',
      'knee-over-outer-toes: no room for it in 15 minutes',
    ]));

  it('is told only where it is on every side it is wanted on', () => {
    const pains = [
      { region: 'ankle', side: 'right', phase: 'bottom', score: 7, kind: 'sharp' },
    ] as const;
    const limits: SessionLimits = { ...ROOMY, pains };
    const left = candidate('knee-over-outer-toes', 'left', [[likely('ankle-joint:left'), 0.7]]);
    const causes = [ANKLE, likely('ankle-joint:left')];
    expect(out([PUMP], [], { causes, limits })).toEqual([
      'knee-over-outer-toes: it loads the right ankle, which hurts',
    ]);
    expect(out([PUMP, left], [left], { causes, limits })).toEqual([]);
  });

  it('is not told of what nobody wanted', () =>
    expect(
      out([candidate('bent-knee-calf-wall', 'right')], [], { causes: [], limits: BEFORE_TRAINING }),
    ).toEqual([]));
});
