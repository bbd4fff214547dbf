import { APPROACHES, parseCase, traceReport, type MaybeSide, type TraceReport } from '../src';
import { ACCEPTANCE_CASES, type AcceptanceCase, type Expected } from './cases/acceptanceCases';
import { CASES_OF_CARE } from './cases/casesOfCare';
import { mirrored } from './cases/mirrored';
import { howMany } from './howMany';

const reportOf = (file: unknown): TraceReport => {
  const read = parseCase(file);
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  return traceReport(read.value);
};

const on = (side: MaybeSide, asked: MaybeSide) => asked === null || side === null || side === asked;

function meets({ causes, nextChecks, plan, blocked }: TraceReport, wanted: Expected) {
  const named = ({ cause, side }: { cause: string; side: MaybeSide }) => `${cause}@${side}`;
  const ids = (list: readonly (readonly [string, MaybeSide])[]) =>
    list.map(([id, side]) => `${id}@${side}`);
  const order = causes.map(named);
  if (wanted.top)
    expect(ids(wanted.top)).toContain(named(causes.find(({ kind }) => kind !== 'given')!));
  for (const [of, count] of wanted.within ?? [])
    expect(order.slice(0, count)).toContain(ids([of])[0]);
  for (const id of ids(wanted.unlikely ?? []))
    expect(causes.find((cause) => named(cause) === id)?.p ?? 0).toBeLessThan(0.3);
  if (wanted.next) {
    const first = nextChecks
      .slice(0, 3)
      .map((one) => `${'check' in one ? one.check : one.probe}@${one.side}`);
    expect(ids(wanted.next).some((id) => first.includes(id))).toBe(true);
  }
  for (const [cause, side] of wanted.targets ?? [])
    expect(plan.drills.some((one) => one.targets.includes(cause) && on(one.side, side))).toBe(true);
  for (const [cause, side] of wanted.spares ?? [])
    expect(plan.drills.some((one) => one.targets.includes(cause) && on(one.side, side))).toBe(
      false,
    );
  for (const family of wanted.families ?? [])
    expect(plan.drills.map((one) => one.family)).toContain(family);
  for (const [family, side] of wanted.avoids ?? [])
    expect(plan.drills.some((one) => one.family === family && on(one.side, side))).toBe(false);
  if (wanted.last) expect(plan.drills.at(-1)!.family).toBe(wanted.last);
  expect(blocked).toBe(wanted.blocked ?? false);
  if (wanted.blocked) expect(plan.drills).toEqual([]);
}

/** All of them in the long run; else each case has another one, so that every school is tried by some. */
const approachesOf = (place: number) => {
  const ids = APPROACHES.map(({ id }) => id);
  return [...ids.slice(place % ids.length), ...ids].slice(0, howMany(ids.length, 1));
};

describe.each(
  [...ACCEPTANCE_CASES, ...CASES_OF_CARE].map((one, place) => [one.name, one, place] as const),
)('%s', (_name, { file, expect: wanted }: AcceptanceCase, place) => {
  it('is judged so', () => meets(reportOf(file), wanted));

  it('and its mirror image is judged the mirror image', () =>
    meets(reportOf(mirrored(file)), mirrored(wanted)));

  it.each(approachesOf(place))('causes are the same to %s', (approach) => {
    const { next: _, families: __, targets: ___, ...causesOnly } = wanted;
    meets(reportOf({ ...file, approach }), causesOnly);
  });
});
