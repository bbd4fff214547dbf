import {
  CAUSES,
  CHECKS,
  DRILLS,
  FAULTS,
  PATTERNS,
  PHASES,
  PROBES,
  REFER_QUESTIONS,
  USUAL_SETUP,
  VIEWS,
  type CheckRow,
  type DrillRow,
  type FaultRow,
} from '../src';
import { AGAINST, LINKS, STRENGTHS } from '../src/knowledge/links';

const ids = (rows: readonly { id: string }[]) => rows.map((row) => row.id);
const faults: readonly FaultRow[] = FAULTS;
const checks: readonly CheckRow[] = CHECKS;
const drills: readonly DrillRow[] = DRILLS;
const findings = new Set(LINKS.map((link) => link.finding as string));

describe.each([
  ['faults', FAULTS],
  ['causes', CAUSES],
  ['checks', CHECKS],
  ['probes', PROBES],
  ['drills', DRILLS],
  ['stop-and-refer questions', REFER_QUESTIONS],
])('%s', (_name, rows) => {
  it('have ids of their own', () => {
    expect(rows.length).toBeGreaterThan(0);
    expect(new Set(ids(rows)).size).toBe(rows.length);
  });
});

it.each(faults.map((row) => [row.id, row] as const))('fault %s is whole', (_id, row) => {
  expect(row.phases.every((phase) => PHASES.includes(phase))).toBe(true);
  expect(row.views.every((view) => VIEWS.includes(view))).toBe(true);
  expect(row.patterns.every((pattern) => PATTERNS.includes(pattern))).toBe(true);
  expect(row.sentence.toLowerCase().includes('{side}')).toBe(row.sided !== 'none');
  if (row.unit) expect(row.eyeSem).toBeGreaterThan(0);
});

it.each(faults.map((row) => row.id))('fault %s has at least two rival causes', (id) => {
  const causes = new Set(
    LINKS.filter((link) => link.finding === `fault:${id}`).map((link) => link.cause),
  );
  expect(causes.size).toBeGreaterThanOrEqual(2);
});

it.each(checks.map((row) => [row.id, row] as const))(
  'check %s can be entered and means something',
  (id, row) => {
    expect([...findings].some((finding) => finding.split(':')[1] === id)).toBe(true);
    if (row.type === 'result') return expect(row.results).toHaveLength(row.resultWords.length);
    const { usual, restricted, sem, least, most } = row.norm;
    expect(Math.abs(usual[0] - restricted[0])).toBeGreaterThan(sem);
    expect(least).toBeLessThan(restricted[0]);
    expect(most).toBeGreaterThan(usual[0]);
  },
);

it.each(LINKS.map((link) => [`${link.cause} → ${link.finding}`, link] as const))(
  'link %s resolves',
  (_name, link) => {
    expect(ids(CAUSES)).toContain(link.cause);
    expect(STRENGTHS[link.strength]).toBeGreaterThan(0);
    const [kind, what, how] = link.finding.split(':');
    const known: Record<string, readonly { id: string }[]> = { fault: FAULTS, probe: PROBES };
    if (known[kind]) expect(ids(known[kind])).toContain(what);
    else if (!['pain', 'proportion', 'posture'].includes(kind)) expect(ids(CHECKS)).toContain(what);
    const row = checks.find(({ id }) => id === what);
    if (kind === 'result' && how) {
      expect(row).toMatchObject({ named: true });
      expect(row?.type === 'result' && row.results).toContain(how);
    }
    if (kind === 'felt') expect(row?.felt).toContain(how);
  },
);

it('every cause that is not given can be found and is aimed at by a drill, or says why not', () => {
  const aimed = new Set(drills.flatMap((drill) => drill.targets.map((target) => target.cause)));
  const open = CAUSES.filter((cause) => cause.kind !== 'given').filter(
    (cause) => !aimed.has(cause.id) || !LINKS.some((link) => link.cause === cause.id),
  );
  expect(ids(open)).toEqual([]);
});

it('what speaks against a cause lowers its odds', () => {
  expect(AGAINST.every((row) => row.factor > 0 && row.factor < 1)).toBe(true);
});

it.each(drills.map((row) => [row.id, row] as const))('drill %s is complete', (_id, row) => {
  expect(row.targets.length).toBeGreaterThan(0);
  expect(row.targets.every((target) => ids(CAUSES).includes(target.cause))).toBe(true);
  for (const words of [row.how, row.feel, row.stopIf, row.easier, row.harder])
    expect(words.length).toBeGreaterThan(2);
  expect(row.dose.sets).toBeGreaterThan(0);
});

it.each(PROBES.map((row) => [row.id, row] as const))(
  'probe %s changes a set-up without touching the original',
  (_id, row) => {
    const before = JSON.stringify(USUAL_SETUP);
    row.change(USUAL_SETUP);
    expect(JSON.stringify(USUAL_SETUP)).toBe(before);
  },
);
