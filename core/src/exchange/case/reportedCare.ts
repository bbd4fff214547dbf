import { reconcile } from '../../inference/trace/reconcile/reconcile';
import type { CaseFile, Pain } from '../../records/case/caseFile';
import type { CareFor } from '../../inference/safety/careOf';
import type { DepthCut } from '../../inference/safety/depthCut';
import { depthCutOf } from '../../inference/safety/depthCutOf';
import { helpedBy, type Helped } from '../../inference/safety/keptHelp';
import { standingOf, type MissingLimb, type ReplacedJoint } from '../../inference/safety/standing';
import type { FlagId } from '../../knowledge/flags';

/** What of a client and a look changes how drills are chosen and done, as `trace` prints it and `plan` reads it. */
export interface ReportedCare {
  readonly flags: readonly FlagId[];
  readonly replaced: readonly ReplacedJoint[];
  readonly missing: readonly MissingLimb[];
  readonly pain: readonly Pain[];
  /** Above which depth the pattern is practised. */
  readonly cut: DepthCut | null;
  /** What the pattern was better with in a probe. */
  readonly helped: readonly Helped[];
}

/** All that a plan has to know of a case beside its causes. */
export function reportedCare(file: CaseFile): ReportedCare {
  const { flags, replaced = [], missing = [] } = standingOf(file.client);
  return {
    ...{ flags, replaced, missing },
    pain: file.look.pain,
    cut: depthCutOf(reconcile(file).file),
    helped: helpedBy(file.probes),
  };
}

/** The same as the plan takes it. */
export const careFrom = ({ pain, ...rest }: ReportedCare): CareFor => ({ ...rest, pains: pain });
