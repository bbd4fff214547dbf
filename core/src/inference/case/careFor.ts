import type { CareFor } from '../safety/careOf';
import { helpedBy } from '../safety/keptHelp';
import { standingOf } from '../safety/standing';
import { probeFindings } from './caseFileOf';
import { painsOf } from '../visit/painsOf';
import type { VisitFile } from './visitFile';

/** What stands about the client of a visit, what was told to hurt in it, and what helped. */
export const careFor = ({ client, first, again, probes }: VisitFile): CareFor => ({
  ...standingOf(client),
  pains: painsOf([first, again]),
  helped: helpedBy(probes.flatMap(probeFindings)),
});
