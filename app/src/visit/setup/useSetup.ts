import type { Setup } from '@taxikine/core/body/stance/setup';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import { setupFor } from '@taxikine/core/reading/visit/setupFor';
import { useState } from 'react';
import { useCreate, useUpdate } from '../../data/useFile';
import type { OpenVisit } from '../../data/useVisit';
import { withPart } from './withPart';

/** How they stand: as it was remembered, until there is a first look; then as that look has it. */
export function useSetup({ file, visit }: Pick<OpenVisit, 'file' | 'visit'>) {
  const create = useCreate();
  const update = useUpdate();
  const { setup: begins, remembered } = setupFor(file, visit.visit.pattern, visit.visit.id);
  const [setup, setSetup] = useState<Setup>(visit.first?.setup ?? begins);
  const change = (part: Partial<Setup>) => {
    setSetup((latest) => withPart(latest, part));
    if (visit.first)
      update('looks', visit.first, (latest) => ({
        ...latest,
        setup: withPart(latest.setup, part),
      }));
  };
  const begin = () => {
    if (visit.first) return;
    create('looks', {
      ...NOTHING_SEEN,
      id: crypto.randomUUID(),
      clientId: visit.client.id,
      visitId: visit.visit.id,
      role: 'first',
      setup,
      startedOn: new Date().toISOString(),
    });
  };
  return {
    setup,
    change,
    begin,
    remembered: remembered && !visit.first,
    locked: Boolean(visit.again),
  };
}

export type ChangeSetup = ReturnType<typeof useSetup>['change'];
