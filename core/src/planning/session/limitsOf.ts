import type { SessionLimits } from './sessionLimits';
import { careFor } from '../../inference/case/careFor';
import type { VisitFile } from '../../inference/case/visitFile';

/** What a session of this visit has to fit. */
export function limitsOf(open: VisitFile): SessionLimits {
  const { visit, client } = open;
  const { pattern, minutes, next, kit } = visit;
  const { approach } = client;
  return { pattern, minutes, next, kit, approach, ...careFor(open) };
}
