import type { DrillRow } from '../../knowledge/drillRow';
import { oneDrill } from '../../knowledge/drills';
import { KIT, type Kit } from '../../knowledge/kit';
import { loadOf } from '../../knowledge/loadOf';
import { PROBE_HELPS } from '../../knowledge/probeHelps';
import { PROBES, type ProbeId } from '../../knowledge/probes';
import type { MaybeSide } from '../../foundation/sides/side';
import type { ProbeFinding } from '../../records/case/caseFile';
import { HELP_STAYS } from './isHelp';

/** A probe with which the pattern was better; its side, where it is done on one. */
export interface Helped {
  readonly probe: ProbeId;
  readonly side: MaybeSide;
}

/** What helped in the probes of a visit and made nothing worse, in the order of the table. */
export const helpedBy = (
  probes: readonly Pick<ProbeFinding, 'probe' | 'outcome' | 'side'>[],
): readonly Helped[] =>
  PROBES.flatMap(({ id }) => {
    const tried = probes.filter(({ probe }) => probe === id);
    const better = tried.find(({ outcome }) => outcome === 'better');
    const isWorse = tried.some(({ outcome }) => outcome === 'worse');
    return better && !isWorse ? [{ probe: id, side: better.side ?? null }] : [];
  });

/** Hands that hold a weight are on no post, nor level ahead; one on a post holds nothing. */
const handsAreTaken = (drill: DrillRow): boolean => {
  const { arms, hand } = loadOf(drill);
  return arms !== undefined || hand === true;
};

/** The pattern itself; a ladder has help of its own, a rung at a time. */
const practises = ({ family }: DrillRow): boolean => family === 'pattern' || family === 'fit';

/** What decides whether a help can stay. */
export interface HelpRules {
  /** Whether a drill that does the same may be given as it is. */
  readonly isAllowed: (other: DrillRow) => boolean;
  /** What there is to help with; everything, where nobody said. */
  readonly kit?: readonly Kit[];
}

/** What of it the pattern is practised with, in one sentence; null where nothing helped. */
export function maybeKeptHelp(
  drill: DrillRow,
  helped: readonly Helped[],
  { isAllowed, kit = KIT.map(({ id }) => id) }: HelpRules,
): string | null {
  if (!practises(drill)) return null;
  const all = new Set(helped.map(({ probe }) => probe));
  const words = helped.flatMap(({ probe, side }) => {
    const help = PROBE_HELPS[probe];
    if (!help || (help.yields && all.has(help.yields))) return [];
    if (help.needs && !kit.includes(help.needs)) return [];
    if (help.hands && handsAreTaken(drill)) return [];
    if (help.moves && drill.dose.by === 'hold') return [];
    const same: readonly string[] = help.drills ?? [];
    if (same.includes(drill.id) || same.some((id) => !isAllowed(oneDrill(id)))) return [];
    return [help.words.replace('the {side}', side ? `the ${side}` : 'one')];
  });
  return words.length > 0 ? `${HELP_STAYS}${words.join('; ')}.` : null;
}
