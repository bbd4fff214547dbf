import {
  CHECKS,
  oneCheck,
  type CheckId,
  type RangeCheck,
  type RangeNorm,
} from '../../knowledge/checks';
import { heldBack } from '../../knowledge/roll';
import { normFor } from '../../knowledge/norms';
import { SIDES, type MaybeSide } from '../../foundation/sides/side';
import type { CheckRole } from '../../records/checks/checkRecord';
import type { ClientFile } from '../../records/clientFile';
import { onOneScale, type Scaled } from '../visit/onOneScale';
import { repeatsIn, type CheckRepeats } from '../visit/repeatsIn';
import { betterOf } from '../visit/verdicts';
import { dayOf } from './dayOf';

/** One reading of a series, with its measuring error. */
export interface SeriesPoint {
  readonly on: string;
  readonly day: number;
  readonly value: number;
  readonly sem: number;
  readonly when: CheckRole;
  readonly visitId: string;
}

export interface SeriesOfSide {
  readonly side: MaybeSide;
  /** Oldest first. */
  readonly points: readonly SeriesPoint[];
}

/** A check over time, its sides together. */
export interface CheckSeries {
  readonly check: CheckId;
  readonly name: string;
  readonly norm: RangeNorm;
  readonly better: 'more' | 'less';
  /** Where the usual begins: a standard deviation short of the mean of people. */
  readonly target: number;
  readonly sides: readonly SeriesOfSide[];
  /** Degrees that were added to readings with the pelvis held; null where no pelvis was. */
  readonly heldBack: number | null;
}

type Kept = Pick<ClientFile, 'client' | 'checks'> & { readonly repeats: readonly CheckRepeats[] };

function pointOf({ record, value, sem }: Scaled): SeriesPoint {
  const { doneOn: on, role: when, visitId } = record;
  return { on, day: dayOf(on), value, sem, when, visitId };
}

function seriesOf(row: RangeCheck, file: Kept): CheckSeries[] {
  const taken = file.checks.filter(({ check, removed }) => check === row.id && !removed);
  const of = (side: MaybeSide): SeriesOfSide => ({
    side,
    points: onOneScale(
      taken.filter((one) => one.side === side),
      row,
      file,
    )
      .map(pointOf)
      .sort((a, b) => a.day - b.day),
  });
  const sides = (row.sided ? SIDES : [null]).map(of).filter(({ points }) => points.length > 0);
  if (sides.length === 0) return [];
  const norm = normFor(row, file.client.norms);
  const better = betterOf(row);
  const [mean, sd] = norm.usual;
  const target = better === 'more' ? mean - sd : mean + sd;
  const added = Math.max(...taken.map(heldBack)) || null;
  return [
    { check: row.id as CheckId, name: row.name, norm, better, target, sides, heldBack: added },
  ];
}

const readingsOf = ({ sides }: CheckSeries): number =>
  Math.max(...sides.map(({ points }) => points.length));

/** Every range that was measured of a client, the one read most often first. */
export function checkSeries({ client, checks }: ClientFile): CheckSeries[] {
  const kept = { client, checks, repeats: repeatsIn(checks) };
  return CHECKS.map(({ id }) => oneCheck(id))
    .filter((row): row is RangeCheck => row.type === 'range')
    .flatMap((row) => seriesOf(row, kept))
    .sort((a, b) => readingsOf(b) - readingsOf(a));
}
