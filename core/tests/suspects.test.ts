import { FAULTS, suspectChecks, suspectProbes, type FaultId, type Region } from '../src';

const seen = (...faults: FaultId[]) =>
  suspectChecks({ faults: faults.map((fault) => ({ fault })), pain: [] });

it('nothing seen, nothing to suspect', () => expect(seen()).toEqual([]));

it.each([
  ['hips-slide', 'ankle-bend-knee-bent', 'shoulder-raise'],
  ['range-stops-early', 'straight-leg-raise', 'heel-raises'],
  ['rear-hip-stops', 'hip-extend', 'ankle-bend-knee-bent'],
  ['thigh-off-calf', 'knee-bend', 'adductor-lift'],
  ['overhead-folds', 'shoulder-raise', 'knee-bend'],
] as const)('%s: %s is asked for, %s is not', (fault, asked, not) => {
  expect(seen(fault)).toContain(asked);
  expect(seen(fault)).not.toContain(not);
});

it('what shows the likeliest cause best comes before what shows a weak one', () => {
  const checks = seen('knee-out-finish');
  expect(checks.indexOf('hip-turn-in')).toBeLessThan(checks.indexOf('kneecap-line'));
});

it('an electric pain alone asks for the nerve of its region, and for none elsewhere', () => {
  const electric = { kind: 'electric', side: 'left', phase: 'bottom', score: 4 } as const;
  const asked = (region: Region) => suspectChecks({ faults: [], pain: [{ ...electric, region }] });
  expect(asked('calf')).toContain('nerve-slump');
  expect(asked('shoulder')).toEqual([]);
});

it.each(FAULTS.map(({ id }) => id))('%s has a check that can find a cause of it', (fault) => {
  expect(seen(fault).length).toBeGreaterThan(0);
});

it.each([
  ['hips-slide', 'heels-up', 'target'],
  ['bends-knees-instead', 'target', 'heels-up'],
  ['overhead-folds', 'arms-up', 'toes-out'],
  ['knee-wobbles', 'knees-out-cue', 'arms-up'],
] as const)('%s: the probe %s can tell something, %s cannot', (fault, asked, not) => {
  const probes = suspectProbes({ faults: [{ fault }], pain: [] });
  expect(probes).toContain(asked);
  expect(probes).not.toContain(not);
});
