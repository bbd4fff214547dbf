import { DERIVED_CHECKS } from '../../knowledge/checks';
import type { Ignored } from '../../inference/trace/reconcile/kept';
import type { CaseCheck, CaseDocument } from './caseDocument';

const rowOf = ({ check }: { check: string }) => DERIVED_CHECKS.find(({ id }) => id === check);

export const isDerived = (check: Pick<CaseCheck, 'check'>): boolean => rowOf(check) !== undefined;

/** What a file says of checks that are worked out from others: not used, for the others say it. */
export const derivedIn = ({ checks }: CaseDocument): Ignored[] =>
  checks.flatMap((check, i) => {
    const row = rowOf(check);
    return row
      ? [
          {
            path: `checks.${i}`,
            words: `${row.name}: worked out from ${row.from.join(' and ')}, not read from a file`,
          },
        ]
      : [];
  });
