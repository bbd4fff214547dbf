import { call, Refused } from './api';
import { signedInAgain, turnOf } from './session';
import { addTrouble, troubleOf, troubles, type Trouble } from './troubles';
import type { Write } from './writes';

export type Sent =
  { status: 'taken'; record: { id: string; version: number } } | { status: 'held' };

/** So often the server may break over one write before it is set aside: a third of a minute. */
const MOST_BREAKS = 6;

/** How often the server broke over a write, by its id. */
const breaks = new Map<string, number>();

/** Our side broke over this very write; one that is away answers 502 to 504, and can be away for as long as it likes. */
function isBreakingAlways({ writeId }: Write, { status }: Refused): boolean {
  if (status !== 500) return false;
  const count = (breaks.get(writeId) ?? 0) + 1;
  breaks.set(writeId, count);
  if (count < MOST_BREAKS) return false;
  breaks.delete(writeId);
  return true;
}

/** The write that this one cannot go without, of those that were set aside: of its client, or its visit. */
function maybeAwaited({ record }: Write): Trouble | undefined {
  const { clientId, visitId } = record as { clientId?: string; visitId?: string };
  return troubles
    .get()
    .find(({ setAside, write }) => setAside && [clientId, visitId].includes(write.record.id));
}

const put = ({ kind, record, writeId, version, coachId }: Write) =>
  call<{ record: { id: string; version: number } }>(
    'PUT',
    `/${kind}/${record.id}`,
    { writeId, version, record },
    { 'X-Taxikine-Coach': coachId },
  );

/**
 * Sends one write. An expired session waits for the coach to sign in again; a conflict, a refusal, or a write that
 * the server breaks over every time is put before the coach, and later writes to the same record wait with it.
 */
export async function sendWrite(write: Write): Promise<Sent> {
  const held = troubleOf(write.record.id);
  if (held) {
    addTrouble({ ...held, write: { ...write, version: held.write.version } });
    return { status: 'held' };
  }
  const awaited = maybeAwaited(write);
  if (awaited) {
    addTrouble({ ...awaited, write });
    return { status: 'held' };
  }
  // A retry that outlives a sign-out must not speak in the next coach's session.
  await turnOf(write.coachId);
  try {
    const { record } = await put(write);
    breaks.delete(write.writeId);
    return { status: 'taken', record };
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    const setAside = isBreakingAlways(write, error);
    if (!setAside && (error.status >= 500 || error.status === 429)) throw error;
    if (error.status === 401) {
      await signedInAgain(write.coachId);
      return sendWrite(write);
    }
    const { message, hint, theirs } = error.body;
    addTrouble({
      write,
      message,
      hint,
      theirs: (theirs as Trouble['theirs']) ?? null,
      ...(setAside ? { setAside } : {}),
    });
    return { status: 'held' };
  }
}
