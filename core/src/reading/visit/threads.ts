import { apart } from '../../foundation/sides/onSide';
import { drillOf } from '../../records/drills/drillOf';
import { oneFault } from '../../knowledge/faults';
import type { CauseKind } from '../../knowledge/causes';
import { LINKS } from '../../knowledge/links';
import { LIKELY_ENOUGH } from '../../inference/trace/likelyEnough';
import type { Trace, TracedCause } from '../../inference/trace/trace';
import { fillSide } from '../../foundation/words/fill';
import { withUnit } from '../../foundation/words/units';
import type { SeenFault } from '../../records/case/caseFile';
import { verdictsOf, type VisitVerdict } from '../../inference/visit/verdicts';
import { faultKey } from '../../knowledge/keys';
import type { DrillRecord } from '../../records/drills/drillRecord';
import type { VisitFile } from '../../inference/case/visitFile';

export type Column = 'look' | 'trace' | 'work' | 'again';

/** One stop on a thread. */
export interface Knot {
  readonly key: string;
  readonly column: Column;
  readonly title: string;
  readonly note: string;
  /** Nobody has carried it on from here. */
  readonly loose: boolean;
}

/** A piece of thread between two knots; thickness is how sure we are. */
export interface Strand {
  readonly from: string;
  readonly to: string;
  readonly sure: number;
  readonly kind: CauseKind;
}

export interface Board {
  readonly knots: readonly Knot[];
  readonly strands: readonly Strand[];
}

const MOST_CAUSES = 5;

/** Causes worth a place on the board: likely ones, given ones, and the best one at least. */
export function shownCauses(
  { causes }: Trace,
  wanted: ReadonlySet<string> = new Set(),
): TracedCause[] {
  const shown = causes.filter((cause) => cause.p >= LIKELY_ENOUGH || wanted.has(cause.key));
  return (shown.length > 0 ? shown : causes.slice(0, 1)).slice(0, MOST_CAUSES);
}

const faultNote = (fault: SeenFault): string => {
  const { unit, eyeSem } = oneFault(fault.fault);
  const number =
    fault.value !== undefined && unit ? ` · ${withUnit(fault.value, unit)} ± ${eyeSem}` : '';
  return `${fault.phase}${number} · ${fault.grade}`;
};

const drillTitle = (record: DrillRecord): string =>
  record.side ? `${drillOf(record).name}, ${record.side}` : drillOf(record).name;

/** A range that was taken again tests the causes on its side that can make it short. */
const testedBy = (cause: TracedCause, verdict: VisitVerdict): boolean => {
  const { id, side } = apart(verdict.key.slice('check:'.length));
  const linked = LINKS.some((link) => link.cause === cause.cause && link.finding === `range:${id}`);
  return linked && (cause.side === null || side === null || cause.side === side);
};

/** The pattern practised for no cause of its own is tested by everything that was seen in it. */
const retests = (drill: DrillRecord, causes: readonly TracedCause[], verdict: VisitVerdict) =>
  (drill.targets.length === 0 && verdict.about === 'fault') ||
  causes
    .filter((cause) => drill.targets.includes(cause.key))
    .some((cause) =>
      verdict.about === 'fault'
        ? cause.explains.some((one) => `fault:${one.fault}` === verdict.key)
        : testedBy(cause, verdict),
    );

function strandsOf(
  file: VisitFile,
  causes: readonly TracedCause[],
  verdicts: readonly VisitVerdict[],
): Strand[] {
  const fromFaults = causes.flatMap((cause) =>
    cause.explains.map((one) => ({
      from: `fault:${one.fault}`,
      to: cause.key,
      sure: cause.p,
      kind: cause.kind,
    })),
  );
  const fromCauses = file.drills.flatMap((drill) =>
    causes
      .filter((cause) => drill.targets.includes(cause.key))
      .map((cause) => ({ from: cause.key, to: drill.id, sure: cause.p, kind: cause.kind })),
  );
  const fromDrills = file.drills
    .filter((drill) => drill.status === 'done')
    .flatMap((drill) => {
      const kind = causes.find((cause) => drill.targets.includes(cause.key))?.kind ?? 'control';
      return verdicts
        .filter((verdict) => retests(drill, causes, verdict))
        .map((verdict) => ({
          from: drill.id,
          to: `verdict:${verdict.key}`,
          sure: Math.max(0.3, verdict.pBetter),
          kind,
        }));
    });
  return [...fromFaults, ...fromCauses, ...fromDrills];
}

/**
 * The thread of one visit: from each fault through what it was traced to and the drill that worked
 * on it to the look that tested it. A knot is loose when no strand leaves it for the next column.
 */
export function boardOf(file: VisitFile, found: Trace): Board {
  const causes = shownCauses(found, new Set(file.drills.flatMap((drill) => drill.targets)));
  const verdicts = verdictsOf(file);
  const strands = strandsOf(file, causes, verdicts);
  const leaves = new Set(strands.map((strand) => strand.from));
  const knots: Knot[] = [
    ...(file.first?.faults ?? []).map((fault) =>
      knot(
        `fault:${faultKey(fault)}`,
        'look',
        fillSide(oneFault(fault.fault).sentence, fault.side),
        faultNote(fault),
      ),
    ),
    ...causes.map((cause) =>
      knot(cause.key, 'trace', cause.sentence, `consistent with ${cause.consistentWith}`),
    ),
    ...file.drills.map((drill) => knot(drill.id, 'work', drillTitle(drill), drill.status)),
    ...verdicts.map((verdict) => ({
      ...knot(`verdict:${verdict.key}`, 'again', verdict.sentence, verdict.change),
      loose: false,
    })),
  ];
  function knot(key: string, column: Column, title: string, note: string): Knot {
    return { key, column, title, note, loose: !leaves.has(key) };
  }
  return { knots, strands };
}

/** Everything on the same thread as one knot: what leads to it and what it leads to. */
export function threadThrough(strands: readonly Strand[], key: string): Set<string> {
  const walk = (start: string, next: (strand: Strand) => [string, string]): string[] => {
    const found = [start];
    for (const at of found)
      for (const strand of strands) {
        const [here, there] = next(strand);
        if (here === at && !found.includes(there)) found.push(there);
      }
    return found;
  };
  return new Set([
    ...walk(key, (strand) => [strand.from, strand.to]),
    ...walk(key, (strand) => [strand.to, strand.from]),
  ]);
}
