import { oneFault, type ClearKey, type FaultId } from '../../knowledge/faults';
import type { Side } from '../../sides/side';
import { fillSide } from '../../words/fill';
import { withUnit } from '../../words/units';
import type { CaseFile, SeenFault } from '../caseFile';
import type { Observation } from '../connect';

function seen(fault: SeenFault): Observation {
  const row = oneFault(fault.fault);
  const side = fault.side ?? null;
  const number =
    fault.value !== undefined && row.unit ? `, ${withUnit(fault.value, row.unit)}` : '';
  return {
    finding: `fault:${fault.fault}`,
    side,
    ratio: Infinity,
    words: `${fillSide(row.sentence, side)}${number}`,
  };
}

/** A direction that nobody told is left out: "Hips slide", "Pelvis turns". */
const withoutWay = (sentence: string): string =>
  sentence.replace(/(,| to the| on the)? \{side\}.*$/, '');

function clear(key: ClearKey): Observation {
  const [id, side] = key.split('@') as [FaultId, Side | undefined];
  const { sentence } = oneFault(id);
  const what = side ? fillSide(sentence, side) : fillSide(withoutWay(sentence), null);
  return {
    finding: `fault:${id}`,
    side: side ?? null,
    ratio: 0,
    words: `${what}: looked for, clear`,
  };
}

/** What the look itself found: faults seen once each (the same fault in two phases is one). */
export function observeFaults({ faults, clear: clears }: CaseFile['look']): Observation[] {
  const once = new Map(faults.map((fault) => [`${fault.fault}@${fault.side ?? ''}`, fault]));
  return [...[...once.values()].map(seen), ...clears.map(clear)];
}
