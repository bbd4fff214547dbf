import {
  addDays,
  dayIn,
  maybeReminder,
  REMIND_DAYS_BEFORE,
  REMIND_UNTIL_DAYS,
} from '@taxikine/core';
import { createHash } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { ClientSummaryRow } from '../database/entities/ClientSummaryRow';
import { Message } from '../database/entities/Message';
import { inPractice } from '../database/inPractice';
import { jobIdOf, sendJob } from '../jobs/sendJob';
import { maybeClientFile } from '../records/readFile';
import { zoneOf } from '../settings/readSettings';
import { freshenLines } from '../today/freshenLines';

/** The same for the same look of the same client, so that two workers write one letter. */
function idOfReminder(clientId: string, dueOn: string): string {
  const hex = createHash('sha256').update(`${clientId} ${dueOn}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

async function remindOne(
  manager: EntityManager,
  practiceId: string,
  clientId: string,
  now: Date,
): Promise<void> {
  const file = await maybeClientFile(manager, clientId);
  const askedOn = now.toISOString();
  const zone = await zoneOf(manager);
  const dueOn = file && maybeReminder(file, dayIn(now, zone), zone);
  if (!dueOn) return;
  const id = idOfReminder(clientId, dueOn);
  const about = { kind: 'review-due', planId: null, dueOn } as const;
  await manager
    .createQueryBuilder()
    .insert()
    .into(Message)
    .values({ id, practiceId, clientId, version: 1, ...about, askedOn, askedBy: null } as never)
    .orIgnore()
    .execute();
  await sendJob(
    manager,
    'send-letter',
    { practiceId, clientId, messageId: id },
    {
      id: jobIdOf(practiceId, id),
      key: id,
    },
  );
}

/** Clients who asked for reminders and whose look is about due, as their lines in the list have it. */
const mayWant = (manager: EntityManager, today: string): Promise<{ id: string }[]> =>
  manager
    .createQueryBuilder(Client, 'client')
    .innerJoin(
      ClientSummaryRow,
      'line',
      'line.client_id = client.id AND line.due_on BETWEEN :from AND :to',
      { from: addDays(today, -REMIND_UNTIL_DAYS), to: addDays(today, REMIND_DAYS_BEFORE) },
    )
    .where(`client.contact -> 'reminders' = 'true'`)
    .select('client.id', 'id')
    .getRawMany();

/** Writes to every client of a practice who asked for it and whose look is due, each in a transaction. */
export async function remind(source: DataSource, practiceId: string, now: Date): Promise<void> {
  await freshenLines(source, practiceId);
  const wanting = await inPractice(source, practiceId, async (manager) =>
    mayWant(manager, dayIn(now, await zoneOf(manager))),
  );
  const failed: unknown[] = [];
  for (const { id } of wanting)
    await inPractice(source, practiceId, (manager) =>
      remindOne(manager, practiceId, id, now),
    ).catch((error: unknown) => failed.push(error));
  // Nobody goes without a letter because of somebody else's; the job is tried again for those who lack it.
  if (failed.length > 0) throw failed[0];
}
