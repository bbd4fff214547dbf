import { FAULTS, oneFault, type FaultId, type FaultLevel } from '../../knowledge/faults';
import type { Pattern } from '../../body/stance/patterns';
import type { MaybeSide } from '../../foundation/sides/side';
import type { ClientFile } from '../../records/clientFile';
import type { LookRecord, LookRole } from '../../records/looks/lookRecord';
import { levelIn } from '../visit/verdicts';
import { dayOf } from './dayOf';

/** A grade in one look; between looks nothing is known, and nothing is drawn. */
interface GradePoint {
  readonly on: string;
  readonly day: number;
  readonly level: FaultLevel;
  readonly value: number | null;
  readonly when: LookRole;
}

/** A fault of one pattern over time. Grades are an order and no numbers: no mean, and no forecast. */
export interface FaultSeries {
  readonly fault: FaultId;
  readonly pattern: Pattern;
  readonly sides: readonly { readonly side: MaybeSide; readonly points: readonly GradePoint[] }[];
}

type LookOf = LookRecord & { readonly pattern: Pattern };

/** Looks with the pattern of their visit, oldest first. */
const looksOf = ({ looks, visits }: ClientFile): LookOf[] =>
  looks
    .flatMap((look) => {
      const visit = visits.find(({ id }) => id === look.visitId);
      return visit ? [{ ...look, pattern: visit.pattern }] : [];
    })
    .sort((a, b) => a.startedOn.localeCompare(b.startedOn));

function pointsOf(looks: readonly LookOf[], fault: FaultId, side: MaybeSide): GradePoint[] {
  return looks.flatMap((look): GradePoint[] => {
    const level = levelIn(look, { fault, side, phase: 'bottom', grade: 'slight' });
    if (level === null) return [];
    const seen = look.faults.find((one) => one.fault === fault && (one.side ?? null) === side);
    const on = look.startedOn;
    return [{ on, day: dayOf(on), level, value: seen?.value ?? null, when: look.role }];
  });
}

/** Every fault that was seen in more than one look, by pattern, the one looked for most often first. */
export function faultSeries(file: ClientFile): FaultSeries[] {
  const all = looksOf(file);
  const patterns = [...new Set(all.map(({ pattern }) => pattern))];
  const series = patterns.flatMap((pattern) => {
    const looks = all.filter((look) => look.pattern === pattern);
    return FAULTS.flatMap(({ id }): FaultSeries[] => {
      const seen = looks.flatMap(({ faults }) => faults.filter(({ fault }) => fault === id));
      const sided = oneFault(id).sided !== 'none';
      const sides = [...new Set(seen.map(({ side }) => (sided ? (side ?? null) : null)))].sort();
      const drawn = sides
        .map((side) => ({ side, points: pointsOf(looks, id, side) }))
        .filter(({ points }) => points.length > 1);
      return drawn.length > 0 ? [{ fault: id, pattern, sides: drawn }] : [];
    });
  });
  const looked = ({ sides }: FaultSeries) => Math.max(...sides.map(({ points }) => points.length));
  return series.sort((a, b) => looked(b) - looked(a));
}
