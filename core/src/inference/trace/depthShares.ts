import { bodyOf } from '../../body/segments/body';
import type { AttributionInput } from '../depth/attribute';
import type { CaseFile } from '../../records/case/caseFile';
import { measuredLimits } from './measuredLimits';

/** How deep the pattern was seen to get, as a thigh angle; null when nobody read a number. */
export function seenDepthDeg({ look }: Pick<CaseFile, 'look'>): number | null {
  const short = look.faults.find(({ fault }) => fault === 'depth-short');
  return short?.value ?? null;
}

/**
 * What the posture model is asked about a squat, lunge or split that stops short; null when it has no
 * say. A hinge is read by its lean, which no fault holds as a number.
 */
export function maybeDepthQuestion(file: CaseFile): AttributionInput | null {
  const { client, look, checks } = file;
  if (look.pattern === 'hinge') return null;
  const limits = measuredLimits(checks);
  const measured = [limits.left, limits.right].some((side) => Object.keys(side ?? {}).length > 0);
  if (!measured) return null;
  return {
    pattern: look.pattern,
    body: bodyOf(client.heightM, client.massKg, client.segments),
    setup: look.setup,
    limits,
    seenDeg: seenDepthDeg(file),
  };
}
