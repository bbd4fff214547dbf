import type { CareFor } from '../../inference/safety/careOf';
import { helpedBy } from '../../inference/safety/keptHelp';
import { standingOf } from '../../inference/safety/standing';
import { probeFindings } from '../../inference/case/caseFileOf';
import type { ClientFile } from '../../records/clientFile';
import type { PainsAtHome } from './painsAtHome';

/**
 * What is looked out for at home: what stands about the client, what hurts, what helped and what there is to do it
 * with. All but how deep a pain leaves the pattern, which takes the posture model a while.
 */
export const careButDepth = (
  { client }: Pick<ClientFile, 'client'>,
  { pains, visit }: PainsAtHome,
): Omit<CareFor, 'cut'> => ({
  ...standingOf(client),
  pains,
  helped: helpedBy((visit?.probes ?? []).flatMap(probeFindings)),
  kit: client.home.kit,
});
