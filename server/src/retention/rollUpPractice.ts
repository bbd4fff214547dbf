import { GAINS_SHAPE, rollUpGains } from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { ClientRetention } from '../database/entities/ClientRetention';
import { PracticeRetention } from '../database/entities/PracticeRetention';
import { inPractice } from '../database/inPractice';
import { sendJob } from '../jobs/sendJob';

/** Clients whose gains were never worked out, or in another way. */
const lacking = (manager: EntityManager): Promise<{ id: string }[]> =>
  manager
    .createQueryBuilder(Client, 'client')
    .leftJoin(ClientRetention, 'row', 'row.client_id = client.id AND row.shape = :shape', {
      shape: GAINS_SHAPE,
    })
    .where('row.client_id IS NULL')
    .select('client.id', 'id')
    .getRawMany();

/** Sums up how well the gains of all clients last; clients that lack theirs are worked out, and it follows again. */
export const rollUpPractice = (source: DataSource, practiceId: string, now: Date): Promise<void> =>
  inPractice(source, practiceId, async (manager) => {
    for (const { id: clientId } of await lacking(manager))
      await sendJob(manager, 'roll-up', { practiceId, clientId }, { key: clientId });
    const rows = await manager.findBy(ClientRetention, { shape: GAINS_SHAPE });
    const row = { practiceId, checks: rollUpGains(rows), madeOn: now.toISOString() };
    await manager.upsert(PracticeRetention, row as never, ['practiceId']);
  });
