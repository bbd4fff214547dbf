import type { DataSource } from 'typeorm';
import { tidyTries } from '../auth/tries';
import { tidyChallenges } from '../passkeys/challenges';
import { inPractice } from '../database/inPractice';
import { sendJob } from '../jobs/sendJob';

const OF_EVERY_PRACTICE = ['remind', 'tidy', 'roll-up-practice'] as const;

/** Sets out what is to be done for every practice; a practice whose job still waits gets no second one. */
export async function everyHour(source: DataSource, now: Date): Promise<void> {
  await tidyTries(source, now);
  await tidyChallenges(source);
  const practices: { practice_id: string }[] = await source.query(
    'SELECT practice_id FROM practices_to_tend()',
  );
  for (const { practice_id: practiceId } of practices)
    await inPractice(source, practiceId, async (manager) => {
      for (const queue of OF_EVERY_PRACTICE)
        await sendJob(manager, queue, { practiceId }, { key: practiceId });
    });
}
