import { apart } from '../../foundation/sides/onSide';
import { canBeSeen, oneFault } from '../../knowledge/faults';
import { isStaggered, type Pattern } from '../../body/stance/patterns';
import type { LookRecord } from '../../records/looks/lookRecord';

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
  // A load put down later does not undo what was seen under it: only the pattern and the legs count.
  const { oneLeg } = setup;
  const anyLoad = { oneLeg, load: { at: 'front', kg: 1 }, arms: 'overhead' } as const;
  const isForeign = (fault: string) => !canBeSeen(oneFault(fault), pattern, anyLoad);
  const seen = faults.findIndex(({ fault }) => isForeign(fault));
  if (seen >= 0)
    return {
      path: `faults.${seen}.fault`,
      message: `${faults[seen].fault} is not looked for in a ${pattern}.`,
    };
  const cleared = clear.findIndex((key) => isForeign(apart(key).id));
  if (cleared >= 0)
    return {
      path: `clear.${cleared}`,
      message: `${clear[cleared]} is not looked for in a ${pattern}.`,
    };
  if (isStaggered(pattern) && oneLeg)
    return { path: 'setup.oneLeg', message: `A ${pattern} stands on both legs.` };
  if (isStaggered(pattern) && !setup.front)
    return { path: 'setup.front', message: `A ${pattern} needs to say which foot is in front.` };
  return null;
}
