import { clear, delMany, keys } from 'idb-keyval';
import { answersBox } from './keepQueries';
import { outboxPrefix } from './outbox';
import { ownBox } from './ownThings';
import { troublesKey } from './troubles';

/** Takes everything of a coach from this device: answers, pictures, recordings, and what was not sent. */
export async function forgetDevice(coachId: string): Promise<void> {
  const isTheirs = (key: string) =>
    key.startsWith(outboxPrefix(coachId)) || key === troublesKey(coachId);
  const loose = (await keys<string>()).filter((key) => isTheirs(String(key)));
  await Promise.all([clear(answersBox(coachId)), clear(ownBox(coachId)), delMany(loose)]);
}
