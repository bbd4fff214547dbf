import type { Finding, Network } from '../../src/inference/trace/inference/network';
import { posteriors } from '../../src/inference/trace/inference/posteriors';
import { DEFAULT_APPROACH } from '../../src/knowledge/approaches';
import type { SeenFault } from '../../src/records/case/caseFile';
import type { Candidate } from '../../src/planning/asking/candidates';
import { inQuestion, weigh } from '../../src/planning/asking/weigh';
import { oneOf, type Random } from './client';

/** Which of what is left is asked next. */
export type Policy = (network: Network, left: readonly Candidate[]) => Candidate;

export const fixedOrder: Policy = (_network, [first]) => first;

export const randomOrder =
  (random: Random): Policy =>
  (_network, left) =>
    oneOf(random, left);

export const bestFirst =
  (faults: readonly SeenFault[]): Policy =>
  (network, left) =>
    weigh(network, posteriors(network), left, DEFAULT_APPROACH, faults)[0].one;

/** As sure as this, one stops asking. */
const SURE = 0.8;

export interface Asking {
  /** How many were asked, minutes they took, and whether a cause in question became sure. */
  readonly asked: number;
  readonly minutes: number;
  readonly sure: boolean;
}

/** Asks by a policy until a cause in question is sure, or nothing is left to ask. */
export function askUntilSure(
  start: Network,
  candidates: readonly Candidate[],
  answers: ReadonlyMap<Candidate, readonly Finding[]>,
  policy: Policy,
): Asking {
  const question = inQuestion(start);
  let network = start;
  let left = candidates;
  let minutes = 0;
  for (let asked = 0; ; asked++) {
    const p = posteriors(network);
    const sure = p.some((one, i) => question[i] && one >= SURE);
    if (sure || left.length === 0) return { asked, minutes, sure };
    const next = policy(network, left);
    left = left.filter((one) => one !== next);
    minutes += next.minutes;
    network = { ...network, findings: [...network.findings, ...answers.get(next)!] };
  }
}
