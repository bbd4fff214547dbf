import { faultKey } from '../../../knowledge/keys';
import { apart } from '../../../foundation/sides/onSide';
import { oneFault, type ClearKey, type FaultId } from '../../../knowledge/faults';
import { fillSide } from '../../../foundation/words/fill';
import { withUnit } from '../../../foundation/words/units';
import type { CaseFile, SeenFault } from '../../../records/case/caseFile';
import type { Observation } from '../connect';
import { faultRatio } from '../sizeRatio';

function seen(fault: SeenFault, look: CaseFile['look']): Observation {
  const row = oneFault(fault.fault);
  const side = fault.side ?? null;
  const number =
    fault.value !== undefined && row.unit ? `, ${withUnit(fault.value, row.unit)}` : '';
  return {
    finding: `fault:${fault.fault}`,
    side,
    ratio: faultRatio(fault, row, look),
    words: `${fillSide(row.sentence, side)}${number}`,
  };
}

/** A direction that nobody told is left out: "Hips slide", "Pelvis turns". */
const withoutWay = (sentence: string): string =>
  sentence.replace(/(,| to the| on the)? \{side\}.*$/, '');

function clear(key: ClearKey): Observation {
  const { id, side } = apart<FaultId>(key);
  const { sentence } = oneFault(id);
  const what = side ? fillSide(sentence, side) : fillSide(withoutWay(sentence), null);
  return {
    finding: `fault:${id}`,
    side,
    ratio: 0,
    words: `${what}: looked for, clear`,
  };
}

/** The same fault in two phases is one, as large as it was where it was largest. */
function onceEach(look: CaseFile['look']): Observation[] {
  const largest = new Map<string, Observation>();
  for (const fault of look.faults) {
    const [key, one] = [faultKey(fault), seen(fault, look)];
    if (one.ratio > (largest.get(key)?.ratio ?? 0)) largest.set(key, one);
  }
  return [...largest.values()];
}

/** What the look itself found: faults by their size, and what was looked for and clear. */
export const observeFaults = (look: CaseFile['look']): Observation[] => [
  ...onceEach(look),
  ...look.clear.map(clear),
];
