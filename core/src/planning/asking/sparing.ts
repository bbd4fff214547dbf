import type { ProbeId } from '../../knowledge/probes';
import { painRule } from '../../inference/safety/painRule';
import type { CaseFile } from '../../records/case/caseFile';

/**
 * Changed set-ups that may spare what hurts, the most likely first: the weight put down, less depth for what
 * hurts at depth, a hand on a post. None when nothing hurts enough to mind.
 */
export function sparing({ pain, setup }: CaseFile['look']): readonly ProbeId[] {
  const hurting = pain.filter(({ score, kind }) => painRule(score, kind) !== 'go-on');
  if (hurting.length === 0) return [];
  return [
    ...(setup.load.at === 'none' ? [] : (['unloaded'] as const)),
    ...(hurting.some(({ phase }) => phase !== 'finish')
      ? (['shorter', 'post'] as const)
      : (['post', 'shorter'] as const)),
  ];
}
