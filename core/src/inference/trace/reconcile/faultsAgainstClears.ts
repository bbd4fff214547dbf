import { oneFault } from '../../../knowledge/faults';
import { fillSide } from '../../../foundation/words/fill';
import type { CaseFile, SeenFault } from '../../../records/case/caseFile';
import { type Clear, type Kept } from './kept';
import { faultKey } from '../../../knowledge/keys';

const seenWords = (fault: SeenFault): string =>
  `${fillSide(oneFault(fault.fault).sentence, fault.side ?? null)}: seen, and looked for and clear; neither was used`;

/** Seen and looked for in vain: neither is used, the eye is asked to look again. */
export function faultsAgainstClears({ faults, clear }: CaseFile['look']): {
  faults: Kept<SeenFault>;
  clear: Kept<Clear>;
} {
  const clears = new Set<string>(clear);
  const both = (fault: SeenFault) => clears.has(fault.fault) || clears.has(faultKey(fault));
  const doubtful = new Set(faults.filter(both).flatMap((one) => [one.fault, faultKey(one)]));
  return {
    faults: {
      items: faults.filter((fault) => !both(fault)),
      ignored: faults.flatMap((fault, i) =>
        both(fault) ? [{ path: `look.faults.${i}`, words: seenWords(fault) }] : [],
      ),
    },
    clear: {
      items: clear.filter((key) => !doubtful.has(key)),
      ignored: clear.flatMap((key, i) =>
        doubtful.has(key)
          ? [
              {
                path: `look.clear.${i}`,
                words: `${key} is also among the faults; neither was used`,
              },
            ]
          : [],
      ),
    },
  };
}
