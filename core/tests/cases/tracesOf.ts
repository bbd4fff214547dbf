import { caseFileFrom, nextChecks, trace, type CaseFile, type NextCheck } from '../../src';
import type { Finding, Network } from '../../src/inference/trace/inference/network';
import { networkOf } from '../../src/inference/trace/networkOf';
import { reasonsOf } from '../../src/inference/trace/reasons';
import { reconcile } from '../../src/inference/trace/reconcile/reconcile';
import { ACCEPTANCE_CASES, type AcceptanceCase } from './acceptanceCases';
import { CASES_OF_CARE } from './casesOfCare';

/** As exact as a slip would show, and no more than arithmetic holds. */
const exact = (value: number): string => String(Number(value.toPrecision(4)));

/** A finding in a line: what it is, how sure, what can bring it about, what it speaks against. */
function findingLine({ id, words, ratio, leak, arrows, factors }: Finding, { nodes }: Network) {
  const from = arrows.map(({ node, strength }) => `${nodes[node].key} ${exact(strength)}`);
  const odds = factors.map(({ node, factor }) => `${nodes[node].key} × ${exact(factor)}`);
  return [`${id} × ${exact(ratio)}, leak ${exact(leak)}: ${words}`, ...from, ...odds].join(' | ');
}

const foundLines = (file: CaseFile): readonly string[] => {
  const { file: agreed, ignored } = reconcile(file);
  const network = networkOf(agreed);
  return [
    ...network.findings.map((finding) => findingLine(finding, network)),
    ...ignored.map((one) => `ignored ${Object.values(one).join(': ')}`),
  ];
};

/** Causes less likely than this are many and much alike. */
const TOLD = 0.04;
const WITH_REASONS = 3;

const causeLines = (file: CaseFile): readonly string[] => {
  const { causes, unexplained } = trace(file);
  const why = reasonsOf(file);
  const told = causes.filter(({ p }) => p > TOLD).slice(0, 12);
  return [
    ...told.map(({ key, p, byFindings, explains }, at) => {
      const of = explains.map(({ fault, weight }) => `${fault} ${exact(weight)}`);
      const because = at < WITH_REASONS ? (why.get(key)?.reasons ?? []) : [];
      const reasons = because.map(({ finding, decibans }) => `${finding} ${exact(decibans)} dB`);
      return [`${key} ${exact(p)} (${exact(byFindings)})`, ...of, ...reasons].join(' | ');
    }),
    ...unexplained.map((fault) => `unexplained ${fault}`),
  ];
};

function askLine(one: NextCheck): string {
  const { side, bitsPerMinute, weight, why, tells } = one;
  const most = Object.entries(tells).sort(([, a], [, b]) => b - a)[0];
  const what = 'check' in one ? `check ${one.check}` : `probe ${one.probe}`;
  return [
    `${what}@${side ?? ''} ${exact(bitsPerMinute)} bits a minute, ${exact(weight)} as ordered: ${why}`,
    ...(most ? [`${most[0]} ${exact(most[1])}`] : []),
  ].join(' | ');
}

const askLines = (file: CaseFile): readonly string[] => {
  const { ranked, enough } = nextChecks(file);
  return [...ranked.slice(0, 6).map(askLine), enough ? 'enough' : `${ranked.length} to ask`];
};

type Pinned = readonly [name: string, lines: () => readonly string[]];

const linesOf = ({ name, file: document }: AcceptanceCase): readonly Pinned[] => {
  const file = caseFileFrom(document);
  return [
    [`${name} · what was found`, () => foundLines(file)],
    [`${name} · what is likely, and why`, () => causeLines(file)],
    [`${name} · what to ask next`, () => askLines(file)],
  ];
};

/** What a trace is made of, comes to and asks for, by the name of the case; worked out when it is asked for. */
export const TRACES: readonly Pinned[] = [...ACCEPTANCE_CASES, ...CASES_OF_CARE].flatMap(linesOf);
