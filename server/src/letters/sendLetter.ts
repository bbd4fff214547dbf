import {
  letterOf,
  whyUnsent,
  type ClientFile,
  type Delivery,
  type MessageRecord,
} from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import { linkForLetter } from '../auth/links';
import { Message } from '../database/entities/Message';
import { inPractice } from '../database/inPractice';
import type { JobData } from '../jobs/queues';
import { maybeClientFile } from '../records/readFile';
import type { Letter, Sender } from './sender';

export interface SendLetterWith {
  readonly source: DataSource;
  readonly sender: Sender;
  readonly now: () => Date;
  /** Where the app is reached by clients, without a slash at its end. */
  readonly publicUrl: string;
}

const keep = (manager: EntityManager, id: string, delivery: Delivery) =>
  manager.update(Message, { id }, { delivery });

async function writeLetter(
  manager: EntityManager,
  { id, kind, dueOn }: MessageRecord,
  { client }: ClientFile,
  link: string | null,
): Promise<Letter> {
  const [{ name: practice }] = await manager.query('SELECT name FROM own_practice()');
  const to = { name: client.name, email: client.contact!.email };
  return { id, from: practice, to, ...letterOf(kind, { client, practice, link, dueOn }) };
}

/** The letter to send; null when it went out already, must not go out, or is there no more. */
async function maybeLetter(
  manager: EntityManager,
  { clientId, messageId }: JobData['send-letter'],
  { now, publicUrl }: SendLetterWith,
): Promise<Letter | null> {
  const message = await manager.findOne(Message, {
    where: { id: messageId },
    lock: { mode: 'pessimistic_write' },
  });
  const file = await maybeClientFile(manager, clientId);
  if (!message || message.delivery || !file) return null;
  const why = whyUnsent(file, message);
  if (why) {
    const to = file.client.contact?.email ?? null;
    const on = now().toISOString();
    await keep(manager, messageId, { state: 'failed', on, to, why, said: null });
    return null;
  }
  // The token is made as the letter goes out, and nothing but the letter has it.
  const token = message.kind === 'plan-ready' && (await linkForLetter(manager, message, now()));
  return writeLetter(manager, message, file, token ? `${publicUrl}/home#${token}` : null);
}

/**
 * Sends one letter. What was sent before, by a try that died after it, goes out under the same id once more;
 * its link is then the newer one.
 *
 * @throws Error when the sender cannot take it now
 */
export async function sendLetter(
  data: JobData['send-letter'],
  using: SendLetterWith,
): Promise<void> {
  const { source, sender, now } = using;
  const { practiceId, messageId } = data;
  const letter = await inPractice(source, practiceId, (manager) =>
    maybeLetter(manager, data, using),
  );
  if (!letter) return;
  const sending = await sender.send(letter);
  const delivered = { on: now().toISOString(), to: letter.to.email };
  await inPractice(source, practiceId, (manager) =>
    keep(
      manager,
      messageId,
      sending.status === 'sent'
        ? { state: 'sent', ...delivered }
        : { state: 'failed', ...delivered, why: 'refused', said: sending.said },
    ),
  );
}
