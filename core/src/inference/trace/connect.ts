import { onSide } from '../../foundation/sides/onSide';
import {
  AGAINST,
  DEFAULT_LEAK,
  LEAKS,
  LINKS,
  STRENGTHS,
  type FindingId,
  type SideRule,
} from '../../knowledge/links';
import { groupBy } from '../../foundation/numeric/groupBy';
import { otherSide, type MaybeSide } from '../../foundation/sides/side';
import type { CauseNode, Finding } from './inference/network';

/** One thing found, before it is tied to the causes that can bring it about. */
export interface Observation {
  readonly finding: FindingId;
  readonly side: MaybeSide;
  /** The fault a probe changed: its own side rule says which side the probe speaks of. */
  readonly about?: { readonly fault: string; readonly side: MaybeSide };
  readonly ratio: number;
  readonly words: string;
}

/** The tables by finding, so that a question of one finding does not read them whole. */
const LINKS_OF = groupBy(LINKS, ({ finding }) => finding);
const AGAINST_OF = groupBy(AGAINST, ({ finding }) => finding);

const matches = (rule: SideRule, findingSide: MaybeSide, causeSide: MaybeSide): boolean => {
  if (rule === 'any' || findingSide === null || causeSide === null) return true;
  return causeSide === (rule === 'same' ? findingSide : otherSide(findingSide));
};

/** A probe that helped a one-sided fault speaks for the side that fault points at. */
function pointsAt(node: CauseNode, { about }: Observation): boolean {
  if (!about || about.side === null) return true;
  const links = LINKS_OF.get(`fault:${about.fault}` as FindingId) ?? [];
  const own = links.find(({ cause }) => cause === node.cause);
  return !own || matches(own.side, about.side, node.side);
}

/** How sure it is that a finding is there, from not at all at a ratio of one: so no factor comes in by a step. */
const surenessOf = (ratio: number): number => Math.max(0, 1 - 1 / ratio);

/** What a finding that surely is there would do to single causes, as far as it is sure. */
export const factorsAt = (
  { factors }: Pick<Finding, 'factors'>,
  ratio: number,
): Finding['factors'] =>
  factors.map(({ node, factor }) => ({ node, factor: 1 - surenessOf(ratio) * (1 - factor) }));

/** Ties an observation to the nodes that can explain it or that it speaks against. */
export function connect(observation: Observation, nodes: readonly CauseNode[]): Finding {
  const touches = (row: { cause: string; side: SideRule }, node: CauseNode) =>
    row.cause === node.cause &&
    matches(row.side, observation.side, node.side) &&
    pointsAt(node, observation);
  const rows = <Row extends { cause: string; side: SideRule }, Made>(
    of: readonly Row[],
    make: (row: Row, node: number) => Made,
  ): Made[] =>
    nodes.flatMap((node, i) => of.filter((row) => touches(row, node)).map((row) => make(row, i)));
  const arrows = rows(LINKS_OF.get(observation.finding) ?? [], ({ strength }, node) => ({
    node,
    strength: STRENGTHS[strength],
  }));
  const { ratio } = observation;
  const speaks = ratio > 1 ? (AGAINST_OF.get(observation.finding) ?? []) : [];
  const factors = factorsAt(
    { factors: rows(speaks, ({ factor }, node) => ({ node, factor })) },
    ratio,
  );
  return {
    id: onSide(observation.finding, observation.side),
    words: observation.words,
    ratio: observation.ratio,
    leak: LEAKS[observation.finding] ?? DEFAULT_LEAK,
    arrows,
    factors,
  };
}
