import { KIT, oneDrill, type DrillRow, type MaybeSide, type PlannedCause } from '../src';
import { loadOf } from '../src/knowledge/loadOf';
import { maybeAgainst, maybeNerveCare, type Against } from '../src/planning/session/reasonAgainst';
import { candidate, firstOf, likely, ROOMY } from './planMadeUp';

const NERVE = 'a nerve is slid, never stretched or held';
const GIVEN = 'what is given is fitted around, not worked on';
const back = (side: MaybeSide) => likely(`nerve-back:${side ?? '-'}`, { kind: 'nerve' });
const front = (side: MaybeSide) => likely(`nerve-front:${side ?? '-'}`, { kind: 'nerve' });

type About = Partial<Parameters<typeof maybeAgainst>[2]>;
const against = (
  drill: DrillRow | string,
  side: MaybeSide,
  causes: readonly PlannedCause[] = [],
  about: About = {},
  aims: readonly PlannedCause[] = [],
): Against | null =>
  maybeAgainst(
    candidate(
      drill,
      side,
      aims.map((one) => [one, 0.5]),
    ),
    causes,
    { ...ROOMY, ...about },
  );

describe('a likely nerve', () => {
  it.each<[string, string, MaybeSide, PlannedCause, string | null]>([
    ['what lengthens its line waits', 'straight-leg-lower', 'right', back('right'), NERVE],
    ['of the other leg goes on', 'straight-leg-lower', 'left', back('right'), null],
    ['of either leg', 'straight-leg-lower', 'left', back(null), NERVE],
    ['on the other line goes on', 'straight-leg-lower', 'right', front('right'), null],
    ['the front line, too', 'heel-to-seat-pull', 'left', front('left'), NERVE],
    ['and not by the line behind', 'heel-to-seat-pull', 'left', back('left'), null],
    ['on two feet both legs are in it', 'long-leg-reach', 'left', back('right'), NERVE],
    ['a slide is meant for it', 'leg-nerve-slide', 'right', back('right'), null],
    ['a pattern is cut short of it', 'hinge-along-stick', null, back('right'), null],
    ['what is on no line goes on', 'side-hip-lift', 'right', back('right'), null],
    ['nothing is held beside it', 'bent-knee-calf-wall', 'right', back('right'), NERVE],
    ['nor pressed', 'calf-roller', 'right', front('right'), NERVE],
  ])('%s (%s, %s)', (_name, drill, side, nerve, says) => {
    const found = against(drill, side, [likely('hip-bend:right'), nerve]);
    expect(found?.reason ?? null).toBe(says);
    if (found) expect([found.rule, found.firm]).toEqual(['nerve', true]);
  });

  it('is a nerve by its kind, and holds nothing up when there is none', () => {
    const other = likely('nerve-back:right', { kind: 'restriction' });
    expect(against('straight-leg-lower', 'right', [other])).toBeNull();
    expect(against('bent-knee-calf-wall', 'right', [other])).toBeNull();
  });

  const CARE =
    'Stop before the line along the leg is felt; nothing electric, nothing that lingers.';
  it.each<[string, MaybeSide, PlannedCause[], string | undefined]>([
    ['hinge-along-stick', null, [back('right')], CARE],
    ['hinge-along-stick', null, [likely('hip-bend:left'), back('left')], CARE],
    ['hinge-along-stick', null, [front('right')], undefined],
    ['hinge-along-stick', null, [], undefined],
    ['squat-to-target', null, [back('right')], undefined],
    ['leg-nerve-slide', 'right', [back('right')], undefined],
  ])('%s %s beside %j: %p', (drill, side, causes, words) =>
    expect(maybeNerveCare(candidate(drill, side), causes)).toBe(words),
  );
});

describe('what is given', () => {
  const given = likely('ankle-joint:right', { kind: 'given' });
  const other = likely('calf-deep:right');
  it.each<[string, DrillRow, PlannedCause[], string | null]>([
    ['nothing tries to free it', oneDrill('knee-over-outer-toes'), [given], GIVEN],
    [
      'unless it is for something else as well',
      oneDrill('knee-over-outer-toes'),
      [given, other],
      null,
    ],
    ['it is fitted around', firstOf('fit'), [given], null],
    ['the pattern holds it tidy', firstOf('pattern'), [given], null],
    ['and a ladder', firstOf('ladder'), [given], null],
    ['what is for nothing forces nothing', oneDrill('knee-over-outer-toes'), [], null],
  ])('%s', (_name, drill, aims, says) => {
    const found = against(drill, drill.oneSided ? 'right' : null, [], {}, aims);
    expect(found?.reason ?? null).toBe(says);
    if (found) expect([found.rule, found.firm]).toEqual(['given', true]);
  });
});

describe('what is the coach’s to decide', () => {
  it('a long hold waits until after training, and no other kind', () => {
    expect(against('bent-knee-calf-wall', 'left', [], { next: 'training' })).toEqual({
      ...{ rule: 'hold-before-training', firm: false },
      reason: 'long holds wait until after training',
    });
    expect(against('bent-knee-calf-wall', 'left')).toBeNull();
    expect(against('knee-over-outer-toes', 'left', [], { next: 'training' })).toBeNull();
  });

  it.each(KIT.map(({ id, name }) => [id, name] as const))('what needs a %s has it', (id, name) => {
    const drill: DrillRow = { ...oneDrill('side-hip-lift'), kit: ['mat', id] };
    const found = against(drill, 'left', [], { kit: ['mat'] });
    expect(found).toEqual(
      id === 'mat' ? null : { rule: 'kit', firm: false, reason: `needs: ${name.toLowerCase()}` },
    );
    expect(against(drill, 'left', [], { kit: ['mat', id] })).toBeNull();
    expect(against(drill, 'left', [], {})).toBeNull();
  });
});

describe('cautions come first', () => {
  const pains = [
    { region: 'ankle', side: 'right', phase: 'bottom', score: 7, kind: 'sharp' },
  ] as const;
  it.each<[string, About, string]>([
    ['a pain', { pains }, 'pain'],
    ['a flag', { flags: ['hypermobility'] }, 'flag'],
    ['a flag before a pain', { flags: ['hypermobility'], pains }, 'flag'],
  ])('%s', (_name, about, rule) => {
    const found = against('bent-knee-calf-wall', 'right', [back('right')], {
      next: 'training',
      kit: [],
      ...about,
    });
    expect([found!.rule, found!.firm]).toEqual([rule, true]);
  });

  it('then nerves, what is given, holds, and what there is', () => {
    const given = likely('ankle-joint:right', { kind: 'given' });
    const about: About = { next: 'training', kit: [] };
    const drill: DrillRow = { ...oneDrill('bent-knee-calf-wall'), kit: ['band'] };
    const rules = [
      against(drill, 'right', [back('right')], about, [given]),
      against(drill, 'right', [], about, [given]),
      against(drill, 'right', [], about),
      against(drill, 'right', [], { ...about, next: 'rest' }),
      against(drill, 'right', [], { next: 'rest' }),
    ].map((one) => one?.rule ?? null);
    expect(rules).toEqual(['nerve', 'given', 'hold-before-training', 'kit', null]);
  });
});

it('the drills these rows speak of are what the rows take them for', () => {
  const line = (id: string) => loadOf(oneDrill(id)).line;
  expect(line('straight-leg-lower')).toBe('back-of-leg');
  expect(line('heel-to-seat-pull')).toBe('front-of-leg');
  expect(line('calf-roller')).toBe('back-of-leg');
  expect(line('bent-knee-calf-wall')).toBeUndefined();
  expect(loadOf(oneDrill('long-leg-reach')).stance).toBe('staggered');
});
