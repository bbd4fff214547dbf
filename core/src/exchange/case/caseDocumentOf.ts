import { caseFileOf } from '../../inference/case/caseFileOf';
import type { VisitFile } from '../../inference/case/visitFile';
import { CASE_FORMAT, CASE_VERSION, type CaseDocument } from './caseDocument';
import { withUnknown } from './unknownPart';

/** Without what is not there: a file says only what somebody said. */
const told = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** A visit as a document of the open exchange format. It names nobody. */
export function caseDocumentOf(file: VisitFile): CaseDocument {
  const { client, visit, first } = file;
  const { client: body, look, probes, checks, norms, coach, lessons } = caseFileOf(file);
  const written: CaseDocument = {
    format: CASE_FORMAT,
    version: CASE_VERSION,
    client: body,
    approach: client.approach,
    look: {
      ...look,
      pain: look.pain.map(({ region, side, phase, score, kind }) => ({
        region,
        side,
        phase,
        score,
        kind,
      })),
      rating: first?.rating ?? null,
    },
    probes,
    checks,
    norms,
    coach,
    lessons,
    session: { minutes: visit.minutes, next: visit.next, kit: visit.kit },
  };
  return withUnknown(told(written), visit.extra) as CaseDocument;
}
