import { causeOfKey } from '../../knowledge/keys';
import { apart } from '../../foundation/sides/onSide';
import type { CauseId } from '../../knowledge/causes';
import { LINKS, type SideRule } from '../../knowledge/links';
import { otherSide, type MaybeSide } from '../../foundation/sides/side';
import type { VisitVerdict } from './verdicts';

/** Whether a cause on its side can bring something about on another. */
function reaches(rule: SideRule, cause: MaybeSide, found: MaybeSide): boolean {
  if (rule === 'any' || cause === null || found === null) return true;
  return cause === (rule === 'same' ? found : otherSide(found));
}

/** Whether a cause on its side can bring a finding about: `range:hip-bend`, `fault:hips-slide`. */
export const bringsAbout = (
  cause: CauseId,
  side: MaybeSide,
  finding: string,
  found: MaybeSide,
): boolean =>
  LINKS.some(
    (link) => link.cause === cause && link.finding === finding && reaches(link.side, side, found),
  );

/** Verdicts on what a cause brings about: faults of the pattern, or measures of its joint. */
export function verdictsOn(
  verdicts: readonly VisitVerdict[],
  about: VisitVerdict['about'],
  cause: CauseId,
  side: MaybeSide,
): VisitVerdict[] {
  const kind = about === 'fault' ? 'fault' : 'range';
  return verdicts.filter((verdict) => {
    if (verdict.about !== about) return false;
    const { id, side: found } = apart(verdict.key.slice(`${about}:`.length));
    return bringsAbout(cause, side, `${kind}:${id}`, found);
  });
}

/** Verdicts on anything that these causes bring about, each once. */
export function findingsOf(
  verdicts: readonly VisitVerdict[],
  targets: readonly string[],
): VisitVerdict[] {
  const found = targets
    .map(causeOfKey)
    .flatMap(({ cause, side }) => [
      ...verdictsOn(verdicts, 'check', cause, side),
      ...verdictsOn(verdicts, 'fault', cause, side),
    ]);
  return [...new Set(found)];
}
