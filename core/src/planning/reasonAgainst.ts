import type { DrillRow } from '../knowledge/drillRow';
import type { FlagId } from '../knowledge/flags';
import { KIT, type Kit } from '../knowledge/kit';
import type { MaybeSide } from '../sides/side';
import type { PlannedCause } from './planSession';

interface Wanted {
  readonly drill: DrillRow;
  readonly side: MaybeSide;
  readonly aimed: readonly PlannedCause[];
}

interface Limits {
  readonly flags: readonly FlagId[];
  readonly next: 'training' | 'rest';
  readonly kit?: readonly Kit[];
}

/** Families that keep a line on stretch; a nerve beside it is slid and never held. */
const HELD: readonly string[] = ['hold', 'tissue'];

const onSameSide = (a: MaybeSide, b: MaybeSide): boolean => a === null || b === null || a === b;

const nerveWaits = ({ drill, side }: Wanted, likely: readonly PlannedCause[]): boolean =>
  HELD.includes(drill.family) &&
  likely.some((cause) => cause.kind === 'nerve' && onSameSide(cause.side, side));

/** A given joint is fitted around, or held tidy by the pattern; nothing tries to free it. */
const forcesGiven = ({ drill, aimed }: Wanted): boolean =>
  !['fit', 'pattern', 'ladder'].includes(drill.family) &&
  aimed.length > 0 &&
  aimed.every(({ kind }) => kind === 'given');

/** Why a drill is not for this client today; null when nothing speaks against it. */
export function maybeReasonAgainst(
  wanted: Wanted,
  likely: readonly PlannedCause[],
  { flags, next, kit }: Limits,
): string | null {
  const { drill } = wanted;
  const flag = drill.excludedBy.find((one) => flags.includes(one));
  if (flag) return `not with ${flag.replaceAll('-', ' ')}`;
  if (nerveWaits(wanted, likely)) return 'a nerve is slid, never held on stretch';
  if (forcesGiven(wanted)) return 'what is given is fitted around, not worked on';
  if (drill.family === 'hold' && next === 'training') return 'long holds wait until after training';
  const missing = kit && drill.kit.find((one) => !kit.includes(one));
  if (missing) return `needs: ${KIT.find(({ id }) => id === missing)!.name.toLowerCase()}`;
  return null;
}
