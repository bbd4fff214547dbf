import {
  AGAINST,
  DEFAULT_LEAK,
  LEAKS,
  LINKS,
  STRENGTHS,
  type FindingId,
  type SideRule,
} from '../knowledge/links';
import { otherSide, type MaybeSide } from '../sides/side';
import type { CauseNode, Finding } from './network';

/** One thing found, before it is tied to the causes that can bring it about. */
export interface Observation {
  readonly finding: FindingId;
  readonly side: MaybeSide;
  /** The fault a probe changed: its own side rule says which side the probe speaks of. */
  readonly about?: { readonly fault: string; readonly side: MaybeSide };
  readonly ratio: number;
  readonly words: string;
}

const matches = (rule: SideRule, findingSide: MaybeSide, causeSide: MaybeSide): boolean => {
  if (rule === 'any' || findingSide === null || causeSide === null) return true;
  return causeSide === (rule === 'same' ? findingSide : otherSide(findingSide));
};

/** A probe that helped a one-sided fault speaks for the side that fault points at. */
function pointsAt(node: CauseNode, { about }: Observation): boolean {
  if (!about || about.side === null) return true;
  const own = LINKS.find(
    (row) => row.cause === node.cause && row.finding === `fault:${about.fault}`,
  );
  return !own || matches(own.side, about.side, node.side);
}

/** Ties an observation to the nodes that can explain it or that it speaks against. */
export function connect(observation: Observation, nodes: readonly CauseNode[]): Finding {
  const touches = (row: { cause: string; finding: string; side: SideRule }, node: CauseNode) =>
    row.finding === observation.finding &&
    row.cause === node.cause &&
    matches(row.side, observation.side, node.side) &&
    pointsAt(node, observation);
  const arrows = nodes.flatMap((node, i) =>
    LINKS.filter((row) => touches(row, node)).map((row) => ({
      node: i,
      strength: STRENGTHS[row.strength],
    })),
  );
  const factors = nodes.flatMap((node, i) =>
    observation.ratio <= 1
      ? []
      : AGAINST.filter((row) => touches(row, node)).map((row) => ({ node: i, factor: row.factor })),
  );
  return {
    id: `${observation.finding}${observation.side ? `@${observation.side}` : ''}`,
    words: observation.words,
    ratio: observation.ratio,
    leak: LEAKS[observation.finding] ?? DEFAULT_LEAK,
    arrows,
    factors,
  };
}
