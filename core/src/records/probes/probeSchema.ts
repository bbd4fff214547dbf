import type { ProbeRecord } from './probeRecord';
import { J, id, oneOf, maybeSide, instant, objectOf } from '../schemas/joi';
import { PROBES } from '../../knowledge/probes';
import { setupSchema } from '../case/setupSchema';
import { FAULT_IDS } from '../case/clearKeys';

export const probeSchema = objectOf<ProbeRecord>({
  id: id(),
  clientId: id(),
  visitId: id(),
  probe: oneOf(PROBES.map((row) => row.id)).required(),
  setup: setupSchema.required(),
  outcomes: J.array()
    .items(
      objectOf<ProbeRecord['outcomes'][number]>({
        fault: oneOf(FAULT_IDS).required(),
        side: maybeSide().required(),
        outcome: oneOf(['better', 'same', 'worse']).required(),
      }),
    )
    .max(40)
    .required(),
  doneOn: instant().required(),
  removed: J.boolean().required(),
});
