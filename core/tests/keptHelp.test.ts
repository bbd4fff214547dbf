import {
  careOf,
  helpedBy,
  isHelp,
  KIT,
  maybeKeptHelp,
  oneDrill,
  PROBES,
  type CareFor,
  type Helped,
  type Kit,
  type ProbeId,
} from '../src';
import { PROBE_HELPS } from '../src/knowledge/probeHelps';
import { painAt } from './painAt';

const helped = (...probes: ProbeId[]): Helped[] => probes.map((probe) => ({ probe, side: null }));
const kept = (drill: string, ...probes: ProbeId[]) =>
  maybeKeptHelp(oneDrill(drill), helped(...probes), { isAllowed: () => true });
const care = (drill: string, known: CareFor) => careOf(oneDrill(drill), null, known);

describe('what helped in a probe is used in the pattern', () => {
  it.each<[string, ProbeId[], string | null]>([
    ['squat-to-target', ['heels-up'], 'What helped stays: heels on the wedge.'],
    [
      'squat-to-target',
      ['slower', 'brace'],
      'What helped stays: four seconds down; breathe in low and brace first.',
    ],
    // The drill is that already.
    ['squat-to-target', ['target'], null],
    ['heels-on-a-wedge', ['heels-up'], null],
    ['squat-weight-ahead', ['held-ahead'], null],
    // Two that cannot both be.
    ['squat-to-target', ['held-ahead', 'unloaded'], 'What helped stays: no weight.'],
    ['squat-to-target', ['arms-ahead', 'held-ahead'], 'What helped stays: a light weight ahead.'],
    // Hands are in one place at a time.
    ['squat-weight-ahead', ['post'], null],
    ['post-squat-stay', ['held-ahead', 'arms-ahead'], null],
    ['squat-to-target', ['post', 'held-ahead'], 'What helped stays: a light weight ahead.'],
    // A way to move, where one depth is held.
    ['post-squat-stay', ['slower', 'brace'], 'What helped stays: breathe in low and brace first.'],
    // Another fit of the pattern is the pattern, too.
    ['wider-toes-out', ['heels-up'], 'What helped stays: heels on the wedge.'],
    // What only asks for more.
    ['squat-to-target', ['arms-up', 'toes-straight'], null],
    // No part of the pattern, and a ladder with rungs of its own.
    ['side-hip-lift', ['heels-up'], null],
    ['fading-counterweight-squat', ['heels-up'], null],
  ])('%s after %j', (drill, probes, words) => {
    expect(kept(drill, ...probes)).toBe(words);
  });

  it.each(PROBES.map(({ id }) => id))(
    '%s either stays in words or is left out on purpose',
    (id) => {
      const help = PROBE_HELPS[id];
      expect(help === undefined).toBe(id === 'arms-up' || id === 'toes-straight');
      for (const drill of help?.drills ?? []) expect(oneDrill(drill).id).toBe(drill);
    },
  );

  it('is told from a caution', () => {
    expect(isHelp(kept('squat-to-target', 'slower')!)).toBe(true);
    expect(isHelp('Leave it out: no rounding or twisting of the back.')).toBe(false);
  });

  it.each<[ProbeId, Kit]>([
    ['heels-up', 'wedge'],
    ['one-heel-up', 'wedge'],
    ['post', 'post'],
    ['held-ahead', 'weight'],
    ['band-out', 'band'],
  ])('%s stays only where there is a %s', (probe, needed) => {
    const keptWith = (kit: Kit[]) =>
      maybeKeptHelp(oneDrill('squat-to-target'), helped(probe), { isAllowed: () => true, kit });
    const others = KIT.map(({ id }) => id).filter((id) => id !== needed);
    expect(keptWith([needed])).not.toBeNull();
    expect(keptWith(others)).toBeNull();
    expect(care('squat-to-target', { flags: [], helped: helped(probe), kit: others })).toEqual([]);
  });

  it('a wedge under one heel says which', () =>
    expect(
      maybeKeptHelp(oneDrill('squat-to-target'), [{ probe: 'one-heel-up', side: 'right' }], {
        isAllowed: () => true,
      }),
    ).toBe('What helped stays: the wedge under the right heel.'));

  it('and none where nobody said which', () =>
    expect(kept('squat-to-target', 'one-heel-up')).toBe(
      'What helped stays: the wedge under one heel.',
    ));

  const found = (probe: ProbeId, outcome: 'better' | 'same' | 'worse') =>
    ({ probe, outcome, side: null }) as const;

  it('only what was better and made nothing worse, in one order', () => {
    const tried = [
      found('slower', 'better'),
      found('heels-up', 'better'),
      found('brace', 'same'),
      found('wider', 'better'),
      found('wider', 'worse'),
    ];
    expect(helpedBy(tried).map(({ probe }) => probe)).toEqual(['heels-up', 'slower']);
    expect(helpedBy([...tried].reverse())).toEqual(helpedBy(tried));
  });

  it('keeps the side of a probe that has one', () =>
    expect(helpedBy([{ probe: 'one-heel-up', outcome: 'better', side: 'left' }])).toEqual([
      { probe: 'one-heel-up', side: 'left' },
    ]));

  it('stays where a flag is only a word of warning', () =>
    expect(
      care('squat-to-target', { flags: ['pregnancy'], helped: helped('held-ahead') }),
    ).toContain('What helped stays: a light weight ahead.'));

  it.each<[string, CareFor, boolean]>([
    ['nobody is in pain', { flags: [] }, true],
    ['a knee that hurts', { flags: [], pains: [painAt({ score: 6 })] }, false],
    [
      'a replaced joint, without the surgeon’s word on weights',
      { flags: ['joint-replacement'] },
      false,
    ],
    ['a minor', { flags: ['minor'] }, false],
  ])('a weight ahead: %s', (_name, known, stays) => {
    const all = care('squat-to-target', { ...known, helped: helped('held-ahead') });
    expect(all.includes('What helped stays: a light weight ahead.')).toBe(stays);
  });
});
