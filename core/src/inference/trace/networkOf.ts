import { buildNodes } from './buildNodes';
import type { CaseFile } from '../../records/case/caseFile';
import { connect, type Observation } from './connect';
import type { Network } from './inference/network';
import { lessonFindings } from './lessonFindings';
import { observeChecks } from './observe/observeChecks';
import { observeDepth } from './observe/observeDepth';
import { observeFaults } from './observe/observeFaults';
import { observePain } from './observe/observePain';
import { observeProbes } from './observe/observeProbes';
import { observeProportions } from './observe/observeProportions';

const observationsOf = (file: CaseFile): Observation[] => [
  ...observeFaults(file.look),
  ...observePain(file.look),
  ...observeProbes(file),
  ...observeChecks(file),
  ...observeProportions(file),
  ...observeDepth(file),
];

/**
 * The network of one case that does not contradict itself (see `reconcile`): nodes with history,
 * findings tied to them. The coach's opinions are not in it.
 */
export function networkOf(file: CaseFile): Network {
  const nodes = buildNodes(file.client);
  const findings = [
    ...observationsOf(file).map((one) => connect(one, nodes)),
    ...lessonFindings(file.lessons ?? [], nodes),
  ];
  return { nodes, findings: findings.filter((one) => one.arrows.length + one.factors.length > 0) };
}
