import { GAINS_SHAPE, keptGains, withNorms } from '@taxikine/core';
import type { DataSource } from 'typeorm';
import { ClientRetention } from '../database/entities/ClientRetention';
import { inPractice } from '../database/inPractice';
import type { JobData } from '../jobs/queues';
import { maybeClientFile } from '../records/readFile';
import { readSettings } from '../settings/readSettings';

/** Works out anew what was left of a client's gains; the practice's sum follows in `rollUpClients`. */
export const rollUpClient = (
  source: DataSource,
  { practiceId, clientId }: JobData['roll-up'],
  now: Date,
): Promise<void> =>
  inPractice(source, practiceId, async (manager) => {
    const file = await maybeClientFile(manager, clientId);
    if (!file) return;
    const { norms } = await readSettings(manager);
    const gains = keptGains(withNorms(file, norms));
    const of = { id: clientId, practiceId, clientId, shape: GAINS_SHAPE };
    const row = { ...of, gains, madeOn: now.toISOString() };
    await manager.upsert(ClientRetention, row as never, ['practiceId', 'id']);
  });
