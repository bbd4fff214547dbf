import type { CaseDocument } from '@taxikine/core/exchange/case/caseDocument';
import {
  recordsFromCase,
  type CaseRecords,
  type Making,
} from '@taxikine/core/exchange/case/recordsFromCase';
import { parseCase } from '@taxikine/core/exchange/case/caseSchema';
import { parse, type Parsed, type Problem } from '@taxikine/core/records/schemas/problems';
import { RECORD_SCHEMAS } from '@taxikine/core/records/recordSchemas';

const bad = (path: string, message: string): Parsed<never> => ({
  status: 'bad',
  problems: [{ path, message }],
});

/** What a chosen file says as a case; every problem with its path. */
export function readCase(text: string): Parsed<CaseDocument> {
  try {
    return parseCase(JSON.parse(text));
  } catch {
    return bad('', 'is not a JSON document');
  }
}

/** A case may say less than a record must: a fault that has a side and does not tell it, for one. */
function recordProblems({ client, visit, look, probes, checks }: CaseRecords): Problem[] {
  const all = [
    ['clients', 'client', client],
    ['visits', 'visit', visit],
    ['looks', 'look', look],
    ...probes.map((one, i) => ['probes', `probes.${i}`, one] as const),
    ...checks.map((one, i) => ['checks', `checks.${i}`, one] as const),
  ] as const;
  return all.flatMap(([kind, at, record]) => {
    const read = parse(RECORD_SCHEMAS[kind], record);
    return read.status === 'ok'
      ? []
      : read.problems.map(({ path, message }) => ({
          path: [at, path].filter(Boolean).join('.'),
          message,
        }));
  });
}

/** A case as records that the server will take, or why not. Nothing is written yet. */
export function recordsOf(document: CaseDocument, making: Making): Parsed<CaseRecords> {
  const records = recordsFromCase(document, making);
  const problems = recordProblems(records);
  return problems.length > 0 ? { status: 'bad', problems } : { status: 'ok', value: records };
}
