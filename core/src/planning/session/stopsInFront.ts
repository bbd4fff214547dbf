import type { Side } from '../../foundation/sides/side';
import type { CaseFile, CheckFinding, Pain } from '../../records/case/caseFile';

const isFront = ({ check, felt, pinch, result }: CheckFinding): boolean =>
  (check === 'ankle-bend-knee-bent' && (felt === 'front' || pinch === true)) ||
  (check === 'ankle-front-block' && result === 'front');

const isPinch = ({ region, kind, score }: Pain): boolean =>
  region === 'ankle' && kind === 'pinch' && score > 0;

/** Whether an ankle was told to stop in front, by where a check was felt or by a pinch. */
export const stopsInFront = (
  {
    checks,
    look,
  }: { readonly checks: readonly CheckFinding[]; readonly look: Pick<CaseFile['look'], 'pain'> },
  at: Side,
): boolean =>
  checks.some((one) => one.side === at && isFront(one)) ||
  look.pain.some((one) => one.side === at && isPinch(one));
