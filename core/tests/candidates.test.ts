import {
  DRILLS,
  oneDrill,
  SIDES,
  type CauseKind,
  type Dose,
  type DrillRow,
  type Family,
  type Pain,
  type PlannedCause,
  type Side,
} from '../src';
import { familyWorth } from '../src/knowledge/workOrder';
import {
  candidatesOf,
  EFFECT,
  isPartner,
  needsPartner,
  suspectFirst,
  withPartners,
} from '../src/planning/session/candidates';
import { candidate, firstOf, likely } from './planMadeUp';

const FAMILIES = [...new Set((DRILLS as readonly DrillRow[]).map(({ family }) => family))];
const ROOM: readonly Family[] = ['joint', 'tissue', 'hold'];
const USE: readonly Family[] = ['active', 'strengthen', 'ladder'];

describe('what makes room', () => {
  it.each(FAMILIES)('of %s: needs a partner or is one, by its kind', (family) => {
    const row = firstOf(family);
    const short = likely('hip-bend:left');
    expect(needsPartner(candidate(row, 'left', [[short, 0.5]]))).toBe(ROOM.includes(family));
    expect(
      isPartner(
        candidate('hip-rock-back', 'left', [[short, 0.5]]),
        candidate(row, 'left', [[short, 0.5]]),
      ),
    ).toBe(USE.includes(family));
  });

  it.each<[CauseKind, boolean]>([
    ['restriction', true],
    ['control', false],
    ['strength', false],
    ['nerve', false],
    ['built', false],
    ['given', false],
  ])('for a %s needs one: %p', (kind, needs) => {
    const one = candidate('hip-rock-back', 'left', [[likely('hip-bend:left', { kind }), 0.5]]);
    expect(needsPartner(one)).toBe(needs);
    const other = candidate('active-hip-lift', 'left', [[likely('hip-bend:left', { kind }), 0.5]]);
    expect(isPartner(one, other)).toBe(needs);
  });

  const [short, weak] = [likely('hip-bend:left'), likely('breath:-', { kind: 'control' })];
  const maker = candidate('hip-rock-back', 'left', [
    [short, 0.5],
    [weak, 0.5],
  ]);

  it('for one thing among others needs one, for that thing', () => {
    expect(needsPartner(maker)).toBe(true);
    const user = (...causes: PlannedCause[]) =>
      candidate(
        'active-hip-lift',
        'left',
        causes.map((one) => [one, 0.5]),
      );
    expect(isPartner(maker, user(short))).toBe(true);
    expect(isPartner(maker, user(likely('hip-extend:left'), short))).toBe(true);
    // On the other side, or for what needs no room.
    expect(isPartner(maker, user(likely('hip-bend:right')))).toBe(false);
    expect(isPartner(maker, user(weak))).toBe(false);
  });

  it('may choose among those there are; what needs none has none', () => {
    const user = candidate('active-hip-lift', 'left', [[short, 0.5]]);
    const other = candidate('side-hip-lift', 'left', [[weak, 0.5]]);
    expect(withPartners([maker, user, other]).map(({ needs }) => needs)).toEqual([
      [user.key],
      null,
      null,
    ]);
    expect(withPartners([maker], [other]).map(({ needs }) => needs)).toEqual([[]]);
  });
});

describe('the suspect side', () => {
  const on = (side: Side, p: number, part: Partial<PlannedCause> = {}) =>
    likely(`hip-bend:${side}`, { p, ...part });
  const hurting = (side: Side | null, score: number): Pain => ({
    ...{ region: 'knee', side, score },
    ...{ phase: 'bottom', kind: 'ache' },
  });
  it.each<[string, PlannedCause[], Pain[], Side]>([
    ['left, when nothing speaks', [], [], 'left'],
    ['right, when more speaks for it', [on('left', 0.5), on('right', 0.6)], [], 'right'],
    ['left, when more speaks for that', [on('left', 0.6), on('right', 0.5)], [], 'left'],
    [
      'by all that speaks together',
      [on('left', 0.6), on('right', 0.4), on('right', 0.3)],
      [],
      'right',
    ],
    ['not by what is given', [on('left', 0.5), on('right', 0.9, { kind: 'given' })], [], 'left'],
    ['not by what has no side', [likely('breath:-'), on('right', 0.3)], [], 'right'],
    ['of equals the one that hurts less', [], [hurting('left', 3)], 'right'],
    ['of equals the one that hurts less: left', [], [hurting('right', 3)], 'left'],
    [
      'by all that hurts together',
      [on('left', 0.5), on('right', 0.5)],
      [hurting('right', 4), hurting('left', 3), hurting('left', 2)],
      'right',
    ],
    ['as much on both: left', [], [hurting('left', 3), hurting('right', 3)], 'left'],
    ['a pain in the middle is of neither', [], [hurting(null, 8)], 'left'],
    [
      'what hurts does not weigh against what is suspect',
      [on('left', 0.6)],
      [hurting('left', 9)],
      'left',
    ],
    [
      'the last digit of a sum says nothing',
      [on('right', 0.1 + 0.2), on('left', 0.3)],
      [hurting('right', 1)],
      'left',
    ],
  ])('is %s', (_name, causes, pains, side) => {
    const other = side === 'left' ? 'right' : 'left';
    expect(suspectFirst(causes, pains)).toEqual([side, other]);
  });
});

describe('a drill on its sides', () => {
  const sidedRow = oneDrill('knee-over-outer-toes');
  const bothRow = oneDrill('low-breath-reset');

  it('is one candidate a side, the suspect one first; one in all when it has none', () => {
    const keys = (row: DrillRow, sides?: readonly Side[]) =>
      candidatesOf(row, [], 'blended', {}, sides).map(({ key }) => key);
    expect(keys(sidedRow)).toEqual(SIDES.map((side) => `knee-over-outer-toes@${side}`));
    expect(keys(sidedRow, ['right', 'left'])[0]).toBe('knee-over-outer-toes@right');
    expect(keys(bothRow)).toEqual(['low-breath-reset@']);
  });

  it('serves what it is for on its side, and what has no side', () => {
    const causes = [likely('ankle-joint:right'), likely('hip-bend:right')];
    const [left, right] = candidatesOf(sidedRow, causes, 'blended');
    expect(left.aimed).toEqual([]);
    expect(right.aimed).toEqual([causes[0]]);
    const [{ effect }] = sidedRow.targets.filter(({ cause }) => cause === 'ankle-joint');
    const dear = sidedRow.schools.includes('blended') ? 1.05 : 1;
    expect(right.serves).toEqual([
      {
        target: 'ankle-joint:right',
        share: Math.min(0.9, EFFECT[effect] * familyWorth('blended', sidedRow.family) * dear),
      },
    ]);
  });

  it('of the leg behind: with the other one in front', () => {
    const rear = (DRILLS as readonly DrillRow[]).find(
      ({ oneSided, targets }) => oneSided && targets.some(({ leg }) => leg === 'rear'),
    )!;
    const { cause } = rear.targets.find(({ leg }) => leg === 'rear')!;
    const [left, right] = candidatesOf(rear, [likely(`${cause}:right`)], 'blended');
    expect([left.aimed.length, right.aimed.length]).toEqual([1, 0]);
  });

  it('most served first, by its share and how likely it is', () => {
    const row: DrillRow = {
      ...sidedRow,
      targets: [
        { cause: 'ankle-joint', effect: 'small' },
        { cause: 'calf-deep', effect: 'large' },
      ],
    };
    const aimed = (ankle: number, calf: number) =>
      candidatesOf(
        row,
        [likely('ankle-joint:left', { p: ankle }), likely('calf-deep:left', { p: calf })],
        'blended',
      )[0].aimed.map(({ cause }) => cause);
    expect(aimed(0.5, 0.5)).toEqual(['calf-deep', 'ankle-joint']);
    expect(aimed(0.9, 0.3)).toEqual(['calf-deep', 'ankle-joint']);
    expect(aimed(0.9, 0.2)).toEqual(['ankle-joint', 'calf-deep']);
  });

  it('a school expects a little more of what it holds dear, and never more than nine tenths', () => {
    const row: DrillRow = {
      ...sidedRow,
      schools: [],
      targets: [{ cause: 'ankle-joint', effect: 'small' }],
    };
    const share = (part: Partial<DrillRow>) =>
      candidatesOf({ ...row, ...part }, [likely('ankle-joint:left')], 'blended')[0].serves[0].share;
    expect(share({ schools: ['blended'] }) / share({})).toBeCloseTo(1.05, 9);
    expect(EFFECT).toEqual({ small: 0.2, medium: 0.45, large: 0.7 });
    for (const family of FAMILIES)
      expect(
        share({
          family,
          schools: ['blended'],
          targets: [{ cause: 'ankle-joint', effect: 'large' }],
        }),
      ).toBeLessThanOrEqual(0.9);
  });

  it('takes the minutes of its dose, which the coach may have chosen', () => {
    const dose: Dose = { by: 'hold', seconds: 60, sets: 3 };
    const [left, right] = candidatesOf(sidedRow, [], 'blended', {
      'knee-over-outer-toes@left': dose,
    });
    expect([left.dose, left.minutes]).toEqual([dose, 3.5]);
    expect(right.dose).not.toEqual(dose);
  });

  it('where own strength is what is missing, only what uses it helps', () => {
    const gap = likely('ankle-joint:left', { ownStrength: true });
    for (const family of FAMILIES) {
      const row: DrillRow = { ...sidedRow, family };
      expect(candidatesOf(row, [gap], 'blended')[0].aimed.length).toBe(
        USE.includes(family) ? 1 : 0,
      );
    }
  });

  it('an ankle that stops in front is not pushed into its end', () => {
    const stops = likely('ankle-joint:left', { stopsInFront: true });
    const helps = (row: DrillRow) => candidatesOf(row, [stops], 'blended')[0].aimed.length > 0;
    expect(helps(sidedRow)).toBe(false);
    expect(helps(oneDrill('banded-ankle-glide'))).toBe(true);
    expect(helps(oneDrill('point-and-pull'))).toBe(true);
  });
});
