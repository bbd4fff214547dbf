import { bodyOf } from '../body/body';
import type { AttributionInput } from '../solver/attribute';
import type { CaseFile } from './caseFile';
import { measuredLimits } from './measuredLimits';

/** How deep the squat was seen to get, as a thigh angle; null when nobody read a number. */
export function seenDepthDeg({ look }: CaseFile): number | null {
  const short = look.faults.find(({ fault }) => fault === 'depth-short');
  return short?.value ?? null;
}

/** What the posture model is asked about a squat that stops short; null when it has no say. */
export function maybeDepthQuestion(file: CaseFile): AttributionInput | null {
  const { client, look, checks } = file;
  if (look.pattern !== 'squat') return null;
  const limits = measuredLimits(checks);
  const measured = [limits.left, limits.right].some((side) => Object.keys(side ?? {}).length > 0);
  if (!measured) return null;
  return {
    pattern: 'squat',
    body: bodyOf(client.heightM, client.massKg, client.segments),
    setup: look.setup,
    limits,
    tuckDeg: 0,
    seenDeg: seenDepthDeg(file),
  };
}
