import { call, Refused } from './api';
import { signedInAgain, turnOf } from './session';
import { addTrouble, troubleOf } from './troubles';
import type { Write } from './writes';

export type Sent =
  { status: 'taken'; record: { id: string; version: number } } | { status: 'held' };

const put = ({ kind, record, writeId, version, coachId }: Write) =>
  call<{ record: { id: string; version: number } }>(
    'PUT',
    `/${kind}/${record.id}`,
    { writeId, version, record },
    { 'X-Taxikine-Coach': coachId },
  );

/**
 * Sends one write. An expired session waits for the coach to sign in again; a conflict or a
 * refusal is put before the coach, and later writes to the same record wait with it.
 */
export async function sendWrite(write: Write): Promise<Sent> {
  const held = troubleOf(write.record.id);
  if (held) {
    addTrouble({ ...held, write: { ...write, version: held.write.version } });
    return { status: 'held' };
  }
  // A retry that outlives a sign-out must not speak in the next coach's session.
  await turnOf(write.coachId);
  try {
    const { record } = await put(write);
    return { status: 'taken', record };
  } catch (error) {
    if (!(error instanceof Refused) || error.status >= 500 || error.status === 429) throw error;
    if (error.status === 401) {
      await signedInAgain(write.coachId);
      return sendWrite(write);
    }
    const { message, hint, theirs } = error.body;
    addTrouble({ write, message, hint, theirs: (theirs as Trouble['theirs']) ?? null });
    return { status: 'held' };
  }
}
type Trouble = Parameters<typeof addTrouble>[0];
