import { USUAL_SETUP, type CaseFile, type CheckFinding, type SeenFault } from '../src';
import { buildNodes } from '../src/inference/trace/buildNodes';
import { candidatesOf, changesSomething, type Candidate } from '../src/planning/asking/candidates';
import { fileOf } from './fileMadeUp';

const nameOf = (one: Candidate) => (one.kind === 'check' ? one.check : one.probe);
const asked = (file: CaseFile) =>
  candidatesOf(file, buildNodes(file.client)).map((one) => `${nameOf(one)}@${one.side ?? ''}`);
const oneOf = (file: CaseFile, name: string) =>
  candidatesOf(file, buildNodes(file.client)).find((one) => nameOf(one) === name)!;

const seen = (
  fault: SeenFault['fault'],
  side?: SeenFault['side'],
  grade: SeenFault['grade'] = 'plain',
): SeenFault => ({ fault, side, phase: 'bottom', grade });
const withFaults = (...faults: SeenFault[]) => fileOf({ look: { faults } });
const withChecks = (...checks: CheckFinding[]) => fileOf({ checks });

describe('a changed set-up', () => {
  it.each([
    ['another one', { heelLiftMm: 25 }, true],
    ['one that says the same', {}, false],
  ])('%s', (_name, part, changes) =>
    expect(changesSomething({ change: (s) => ({ ...s, ...part }) }, USUAL_SETUP)).toBe(changes),
  );

  it('a cue changes none, and can always be said', () =>
    expect(changesSomething({ change: (s) => s }, USUAL_SETUP)).toBe(true));
});

describe('probes', () => {
  it('are asked for once there is a fault to judge them on', () => {
    expect(asked(fileOf()).filter((one) => one.startsWith('heels-up'))).toEqual([]);
    expect(asked(withFaults(seen('hips-slide', 'left')))).toContain('heels-up@');
  });

  it('are judged on the most marked fault, wherever it stands in the list', () => {
    const faults = [
      seen('knee-wobbles', 'right', 'slight'),
      seen('hips-slide', 'left', 'marked'),
      seen('pelvis-tucks', undefined, 'plain'),
    ];
    const ankles = (file: CaseFile) => {
      const nodes = buildNodes(file.client);
      const { findings } = oneOf(file, 'heels-up').asked;
      return findings[0].arrows
        .map(({ node }) => nodes[node].key)
        .filter((key) => key.startsWith('ankle-joint'));
    };
    for (const order of [faults, faults.toReversed()])
      expect(ankles(withFaults(...order))).toEqual(['ankle-joint:right']);
    expect(ankles(withFaults(seen('pelvis-tucks')))).toEqual([
      'ankle-joint:left',
      'ankle-joint:right',
    ]);
  });

  it('that were done, would change nothing, or say nothing are not asked for', () => {
    const file = withFaults(seen('hips-slide', 'left'));
    const done: CaseFile = {
      ...file,
      probes: [{ probe: 'heels-up', outcome: 'same', fault: 'hips-slide' }],
    };
    expect(asked(done)).not.toContain('heels-up@');
    expect(asked(done)).toContain('wider@');
    expect(asked(file)).not.toContain('unloaded@');
    expect(candidatesOf(file, [])).toEqual([]);
  });

  it('are of the kind that they are, and not read as a range', () =>
    expect(oneOf(withFaults(seen('hips-slide', 'left')), 'heels-up')).toMatchObject({
      kind: 'probe',
      asked: { norm: null },
    }));
});

describe('checks', () => {
  it('are asked for on each side, or once where there are none', () => {
    const all = asked(fileOf());
    expect(all).toEqual(expect.arrayContaining(['hip-bend@left', 'hip-bend@right']));
    expect(all).toContain('double-leg-lift@');
    expect(new Set(all).size).toBe(all.length);
  });

  it('that were done on a side are asked for on the other', () => {
    const all = asked(withChecks({ check: 'hip-bend', side: 'left', passive: 120 }));
    expect(all).not.toContain('hip-bend@left');
    expect(all).toContain('hip-bend@right');
    const lift = withChecks({ check: 'double-leg-lift', result: 'holds' });
    expect(asked(lift)).not.toContain('double-leg-lift@');
  });

  it('of one under a load are asked for when there is one', () => {
    const loaded = fileOf({
      look: { setup: { ...USUAL_SETUP, load: { at: 'back', kg: 40 } } },
    });
    expect(asked(fileOf())).not.toContain('load-compare@');
    expect(asked(loaded)).toContain('load-compare@');
  });

  it.each([
    ['short', { passive: 26 }, true],
    ['usual', { passive: 42 }, false],
    ['without a number', {}, true],
  ])('what the end of a range is made of: the range was %s', (_name, read, isAsked) => {
    const file = withChecks({ check: 'ankle-bend-knee-bent', side: 'left', ...read });
    expect(asked(file).includes('ankle-front-block@left')).toBe(isAsked);
    expect(asked(file)).not.toContain('ankle-front-block@right');
  });

  it('short is what is short for this client', () => {
    const norms = { 'ankle-bend-knee-bent': { usual: [28, 3], restricted: [18, 3] } } as const;
    const file = withChecks({ check: 'ankle-bend-knee-bent', side: 'left', passive: 26 });
    const own = { ...file, norms: norms as CaseFile['norms'] };
    expect(asked(own)).not.toContain('ankle-front-block@left');
    expect(oneOf(own, 'ankle-bend-knee-bent').asked.norm).toMatchObject({ usual: [28, 3] });
  });

  it('are read as a range where they are one', () => {
    const norms = (name: string) => oneOf(fileOf(), name).asked.norm;
    expect(norms('hip-bend')).toMatchObject({ usual: [expect.any(Number), expect.any(Number)] });
    expect(norms('double-leg-lift')).toBeNull();
  });
});
