import { PATTERNS, type CaseFile, type HistoryItem, type Pattern, type Side } from '../../src';
import { usualSetup } from '../../src/body/solver/usualSetup';
import { buildNodes } from '../../src/inference/trace/buildNodes';
import type { CauseNode } from '../../src/inference/trace/inference/network';

export type Random = () => number;

export const chance = (random: Random, p: number): boolean => random() < p;
export const oneOf = <T>(random: Random, values: readonly T[]): T =>
  values[Math.floor(random() * values.length)];

/** A made-up client: what is truly behind the pattern, and what was told before anybody looked. */
export interface MadeClient {
  readonly pattern: Pattern;
  readonly file: CaseFile;
  readonly nodes: readonly CauseNode[];
  /** In the order of `nodes`. */
  readonly present: readonly boolean[];
}

/** How often a client tells of something old: about as often as adults who come to a coach. Ours. */
const TOLD = 0.25;

function historyOf(random: Random): HistoryItem[] {
  const side = oneOf<Side>(random, ['left', 'right']);
  const all: HistoryItem[] = [
    { what: 'sprain', region: 'ankle', side },
    { what: 'ligament', region: 'knee', side },
    { what: 'pain', region: 'back', side },
    { what: 'one-sided-habit', side },
    { what: 'sitting' },
  ];
  return all.filter(() => chance(random, TOLD));
}

/** Causes are drawn from the priors that history leaves them. */
export function makeClient(random: Random, pattern = oneOf(random, PATTERNS)): MadeClient {
  const heightM = 1.55 + 0.35 * random();
  const client: CaseFile['client'] = {
    heightM,
    massKg: 24 * heightM ** 2,
    flags: [],
    refer: [],
    history: historyOf(random),
    given: [],
  };
  const nodes = buildNodes(client);
  return {
    pattern,
    nodes,
    present: nodes.map(({ prior }) => chance(random, prior)),
    file: {
      client,
      look: { pattern, setup: usualSetup(pattern, heightM), faults: [], clear: [], pain: [] },
      probes: [],
      checks: [],
    },
  };
}
