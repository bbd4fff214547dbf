import type { CareFor } from '@taxikine/core/safety/careOf';
import { helpedBy } from '@taxikine/core/safety/keptHelp';
import { standingOf } from '@taxikine/core/safety/standing';
import { probeFindings } from '@taxikine/core/visit/caseFileOf';
import { painsOf } from '@taxikine/core/visit/painsOf';
import type { VisitFile } from '@taxikine/core/visit/visitFile';

/** What stands about the client of a visit, what was told to hurt in it, and what helped. */
export const careFor = ({ client, first, again, probes }: VisitFile): CareFor => ({
  ...standingOf(client),
  pains: painsOf([first, again]),
  helped: helpedBy(probes.flatMap(probeFindings)),
});
