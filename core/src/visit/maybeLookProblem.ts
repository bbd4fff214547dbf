import { oneFault } from '../knowledge/faults';
import { isStaggered, type Pattern } from '../knowledge/patterns';
import type { LookRecord } from './records';

/** What does not go with the pattern; `path` is the field of the look. */
export interface LookProblem {
  readonly path: string;
  readonly message: string;
}

/** The first thing in a look that its pattern does not have, or null. */
export function maybeLookProblem(
  pattern: Pattern,
  { faults, clear, setup }: Pick<LookRecord, 'faults' | 'clear' | 'setup'>,
): LookProblem | null {
  const isForeign = (fault: string) => !oneFault(fault).patterns.includes(pattern);
  const seen = faults.findIndex(({ fault }) => isForeign(fault));
  if (seen >= 0)
    return {
      path: `faults.${seen}.fault`,
      message: `${faults[seen].fault} is not looked for in a ${pattern}.`,
    };
  const cleared = clear.findIndex((key) => isForeign(key.split('@')[0]));
  if (cleared >= 0)
    return {
      path: `clear.${cleared}`,
      message: `${clear[cleared]} is not looked for in a ${pattern}.`,
    };
  if (isStaggered(pattern) && !setup.front)
    return { path: 'setup.front', message: `A ${pattern} needs to say which foot is in front.` };
  return null;
}
