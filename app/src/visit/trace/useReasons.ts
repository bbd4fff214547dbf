import type { CaseFile } from '@taxikine/core/records/case/caseFile';
import type { CauseReasons } from '@taxikine/core/inference/trace/reasons';
import { useCallback } from 'react';
import { traceWorker } from './traceWorker';
import { useAnswer } from './useAnswer';

/** Why each cause of a case is as likely as it is, by its key. */
export const useReasons = (file: CaseFile): ReadonlyMap<string, CauseReasons> | null =>
  useAnswer(useCallback(() => traceWorker().reasons(file), [file]));
