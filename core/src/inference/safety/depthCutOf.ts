import type { CaseFile, Pain } from '../../records/case/caseFile';
import { seenDepthDeg } from '../trace/depthShares';
import { measuredLimits } from '../trace/measuredLimits';
import { maybeDepthCut, type DepthCut } from './depthCut';
import { standingOf } from './standing';

/** Above which depth the pattern of a case is practised by what hurts and what is replaced; null where nothing says so. */
export const depthCutOf = (
  file: Pick<CaseFile, 'client' | 'look' | 'checks'>,
  pains: readonly Pain[] = file.look.pain,
): DepthCut | null =>
  maybeDepthCut({
    pattern: file.look.pattern,
    client: file.client,
    setup: file.look.setup,
    limits: measuredLimits(file.checks),
    seenDeg: seenDepthDeg(file),
    pains,
    replaced: standingOf(file.client).replaced,
  });
