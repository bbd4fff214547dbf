import type { Finding, Network } from '../../src/inference/trace/inference/network';
import { posteriors } from '../../src/inference/trace/inference/posteriors';
import type { SeenFault } from '../../src/records/case/caseFile';
import type { Candidate } from '../../src/planning/asking/candidates';
import { inQuestion } from '../../src/planning/asking/weigh';
import { seeded } from '../../src';
import type { MadeClient, Random } from './client';
import { answerOf, askable, seeFaults } from './observe';
import type { Squatted } from './posture';
import type { Stated } from './score';

/** One simulated client with the look done, and the answer to everything that could be asked. */
export interface Trial {
  readonly looked: Network;
  readonly checked: Network;
  readonly candidates: readonly Candidate[];
  readonly answers: ReadonlyMap<Candidate, readonly Finding[]>;
  readonly faults: readonly SeenFault[];
  readonly present: readonly boolean[];
  readonly question: readonly boolean[];
}

/** A client in whom no fault shows does not come to be traced. */
export function trialOf(
  made: MadeClient,
  random: Random,
  squatted: Squatted | null = null,
): Trial | null {
  const seen = seeFaults(random, made, squatted?.decided);
  if (seen.faults.length === 0) return null;
  const looked: Network = { nodes: made.nodes, findings: seen.findings };
  const candidates = askable(made, seen);
  const answers = new Map(
    candidates.map((one) => [one, answerOf(random, one, made.present, squatted?.truth)]),
  );
  const findings = [
    ...seen.findings,
    ...[...answers.values()].flat(),
    ...(squatted?.depthFinding(squatted.truth) ?? []),
  ];
  const checked: Network = { nodes: made.nodes, findings };
  return {
    looked,
    checked,
    candidates,
    answers,
    faults: seen.faults,
    present: made.present,
    question: inQuestion(looked),
  };
}

/** What the trace states of every cause, and of those in question alone. */
export function statedBy(network: Network, { present, question }: Trial) {
  const all = posteriors(network).map((p, i): Stated => ({ p, present: present[i] }));
  return { all, asked: all.filter((_, i) => question[i]) };
}

/** A source of chance for one client: the same client for the same seed, whatever came before. */
export const randomOf = (seed: number, client: number): Random => seeded(seed * 1_000_003 + client);
