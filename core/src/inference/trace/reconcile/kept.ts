import type { CaseFile } from '../../../records/case/caseFile';

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
