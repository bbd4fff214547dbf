import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import type { Tries } from '../auth/tries';
import { inPractice } from '../database/inPractice';
import { sendJob } from '../jobs/sendJob';

/**
 * Has whoever has this address sent a link by which they choose another password. Whether anybody has it is not told.
 *
 * @throws AppError 429 when it was asked too often, of the address or from the place
 */
export async function askForReset(
  source: DataSource,
  tries: Tries,
  email: string,
  place: string,
): Promise<void> {
  const account = email.trim().toLowerCase();
  await tries.take(1, ['forgotten', account], ['forgottenFromPlace', place]);
  const [coach] = (await source.query('SELECT id, practice_id FROM coach_for_sign_in($1)', [
    account,
  ])) as { id: string; practice_id: string }[];
  if (!coach) return;
  const { id: coachId, practice_id: practiceId } = coach;
  const job = { practiceId, coachId, letterId: crypto.randomUUID() };
  await inPractice(source, practiceId, async (manager) => {
    await noteDeed(manager, { by: coachId, deed: 'reset-asked' });
    await sendJob(manager, 'reset-letter', job, { key: coachId });
  });
}
