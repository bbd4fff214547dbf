import type { CaseFile } from '../../../records/caseFile';

/** A finding that was not used, and the words why: it contradicts another one. */
export interface Ignored {
  /** Where it stands in the case file, such as `checks.1`. */
  readonly path: string;
  readonly words: string;
}

export interface Kept<Item> {
  readonly items: Item[];
  readonly ignored: readonly Ignored[];
}

export type Clear = CaseFile['look']['clear'][number];

/** `knee-in@left`, or `depth-short` where there is no side. */
export const keyOf = ({ fault, side }: { fault: string; side?: string | null }): string =>
  side ? `${fault}@${side}` : fault;
