import { RESET_MINUTES } from '@taxikine/core';
import { IsNull, type EntityManager } from 'typeorm';
import { Coach } from '../database/entities/Coach';
import { inPractice } from '../database/inPractice';
import type { JobData } from '../jobs/queues';
import { makeCoachLink } from '../people/coachLinks';
import type { SendLetterWith } from './sendLetter';
import type { Letter } from './sender';

const textOf = (
  address: string,
): string => `Somebody, you we hope, asked for another password for your account.

Choose it here within ${RESET_MINUTES} minutes; the link opens once:
${address}

If it was not you, there is nothing to do: your password stays as it is.`;

/** The letter to somebody who is let in; null when they are not any more. */
async function maybeLetter(
  manager: EntityManager,
  { practiceId, coachId, letterId: id }: JobData['reset-letter'],
  publicUrl: string,
): Promise<Letter | null> {
  const coach = await manager.findOne(Coach, {
    where: { id: coachId, endedOn: IsNull() },
    select: { id: true, name: true, email: true },
  });
  if (!coach) return null;
  const [{ name: from }] = await manager.query('SELECT name FROM own_practice()');
  const token = await makeCoachLink(manager, { practiceId, coachId, purpose: 'reset' });
  const { name, email } = coach;
  const text = textOf(`${publicUrl}/welcome#${token}`);
  return { id, from, to: { name, email }, subject: 'Another password for your account', text };
}

/**
 * Sends a coach a link by which they choose another password. Every try has a link of its own, and the last one holds:
 * nothing but the letter has its token.
 */
export async function resetLetter(
  data: JobData['reset-letter'],
  { source, sender, publicUrl }: SendLetterWith,
): Promise<void> {
  const letter = await inPractice(source, data.practiceId, (manager) =>
    maybeLetter(manager, data, publicUrl),
  );
  if (letter) await sender.send(letter);
}
