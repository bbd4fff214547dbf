import { CHECK_LOADS, PROBE_LOADS } from '../../knowledge/checkLoads';
import type { CheckId } from '../../knowledge/checks';
import type { DrillLoad } from '../../knowledge/drillLoad';
import type { ProbeId } from '../../knowledge/probes';
import type { MaybeSide } from '../../foundation/sides/side';
import type { CareFor } from './careOf';
import { maybeForbiddenLoad } from './flagRules';
import { maybeTooPainful } from './painRules';

const maybeAgainst = (load: DrillLoad, side: MaybeSide, known: CareFor): string | null =>
  maybeTooPainful(load, side, known.pains ?? []) ?? maybeForbiddenLoad(load, side, known);

/** Why a check is not asked of this client on a side: what hurts, or a flag; null when nothing speaks against it. */
export const maybeAgainstCheck = (check: CheckId, side: MaybeSide, known: CareFor): string | null =>
  maybeAgainst(CHECK_LOADS[check], side, known);

/** The same of a probe. Most add nothing to the pattern that is looked at anyway. */
export function maybeAgainstProbe(probe: ProbeId, side: MaybeSide, known: CareFor): string | null {
  const load = PROBE_LOADS[probe];
  return load ? maybeAgainst(load, side, known) : null;
}
