import type { Response } from 'express';
import { once } from 'node:events';
import { setTimeout as delay } from 'node:timers/promises';
import { IsNull, MoreThan, type DataSource, type EntityManager } from 'typeorm';
import { noteDeedOnce } from '../audit/noteDeedOnce';
import { Archive } from '../database/entities/Archive';
import { ArchivePart } from '../database/entities/ArchivePart';
import { Client } from '../database/entities/Client';
import { inPractice } from '../database/inPractice';
import { AppError, notFound } from '../ground/errors';
import { sendJob } from '../jobs/sendJob';

const LOOK_EVERY_MS = 100;
/** One that was asked for within this and that nobody fetches is taken over: the app asks again for the same. */
const GOOD_FOR_MS = 120_000;
/** The worker is gone when nothing comes for so long. */
const STALLED_MS = 60_000;

export interface ArchiveAsked {
  readonly practiceId: string;
  /** Null: everything of the practice. */
  readonly clientId: string | null;
  readonly now: Date;
  /** Who takes it out. */
  readonly coachId: string;
  /** So long the first part is waited for, in milliseconds. */
  readonly withinMs: number;
}

const stillMaking = new AppError(503, {
  code: 'still-making',
  message: 'The archive is still being made.',
  hint: 'It is asked for. Ask again in a moment.',
});

const failed = new AppError(500, {
  code: 'archive-failed',
  message: 'The archive could not be made.',
  hint: 'The outbox says why. Ask again to try again.',
});

/** A day: an archive is long gone then. */
const KEPT_ONCE_MIN = 24 * 60;

/** That somebody takes everything out: once for an archive, however often they ask until it is made. */
const noteTaking = (
  manager: EntityManager,
  { clientId, coachId: by }: ArchiveAsked,
  detail: string,
): Promise<void> =>
  noteDeedOnce(
    manager,
    clientId
      ? { by, deed: 'client-exported', to: clientId, detail }
      : { by, deed: 'practice-exported', detail },
    KEPT_ONCE_MIN,
  );

/** The archive that is waited for: one that is on its way already, or a new one. */
async function needArchive(manager: EntityManager, asked: ArchiveAsked): Promise<string> {
  const { practiceId, clientId, now } = asked;
  if (clientId && !(await manager.existsBy(Client, { id: clientId }))) throw notFound('client');
  const since = new Date(now.getTime() - GOOD_FOR_MS).toISOString();
  const underWay = await manager.findOne(Archive, {
    where: {
      clientId: clientId ?? IsNull(),
      state: 'making',
      isTaken: false,
      askedOn: MoreThan(since),
    },
    lock: { mode: 'pessimistic_write' },
  });
  if (underWay) {
    await manager.update(Archive, { id: underWay.id }, { isTaken: true });
    await noteTaking(manager, asked, underWay.id);
    return underWay.id;
  }
  const id = crypto.randomUUID();
  const fresh = { state: 'making', isTaken: true, askedOn: now.toISOString() } as const;
  await manager.insert(Archive, { id, practiceId, clientId, ...fresh });
  await sendJob(manager, 'make-archive', { practiceId, clientId, archiveId: id });
  await noteTaking(manager, asked, id);
  return id;
}

interface Seen {
  readonly state: Archive['state'];
  readonly part: Buffer | null;
}

/** A part, if it is there, and how far the archive is: in this order, so that a last part is not missed. */
async function look(manager: EntityManager, id: string, place: number): Promise<Seen> {
  const archive = await manager.findOneBy(Archive, { id });
  const part = await manager.findOneBy(ArchivePart, { archiveId: id, place });
  return { state: archive?.state ?? 'failed', part: part?.bytes ?? null };
}

/**
 * The parts of an archive as they are made.
 *
 * @throws AppError 503 when there is no first one within `withinMs`, 500 when it cannot be made
 */
async function* partsOf(
  source: DataSource,
  { practiceId, withinMs }: ArchiveAsked,
  id: string,
): AsyncGenerator<Buffer> {
  let until = Date.now() + withinMs;
  for (let place = 0; ;) {
    const { state, part } = await inPractice(source, practiceId, (manager) =>
      look(manager, id, place),
    );
    if (part) {
      yield part;
      place++;
      until = Date.now() + STALLED_MS;
      continue;
    }
    if (state === 'made') return;
    if (state === 'failed') throw failed;
    if (Date.now() > until) throw stillMaking;
    await delay(LOOK_EVERY_MS);
  }
}

/** Waits until whoever downloads has taken what was sent; false when they have gone. */
async function isSent(response: Response, bytes: Buffer): Promise<boolean> {
  if (response.destroyed) return false;
  if (!response.write(bytes)) {
    const either = new AbortController();
    const { signal } = either;
    await Promise.race([once(response, 'drain', { signal }), once(response, 'close', { signal })]);
    either.abort();
  }
  return !response.destroyed;
}

/**
 * Sends an archive that the worker packs, part by part as it is packed: the server holds one part at a time.
 *
 * @throws AppError 404 without such a client; 503 and 500 as long as nothing was sent. Later the connection
 *   is cut, so that nobody takes half of an archive for the whole
 */
export async function sendArchive(
  source: DataSource,
  response: Response,
  asked: ArchiveAsked & { readonly name: string },
): Promise<void> {
  const { practiceId } = asked;
  const id = await inPractice(source, practiceId, (manager) => needArchive(manager, asked));
  const own = <T>(work: (manager: EntityManager) => Promise<T>) =>
    inPractice(source, practiceId, work);
  try {
    for await (const part of partsOf(source, asked, id)) {
      if (!response.headersSent)
        response
          .type('application/zip')
          .set('Content-Disposition', `attachment; filename="${asked.name}"`);
      if (!(await isSent(response, part))) break;
    }
    await own((manager) => manager.delete(Archive, { id }));
    response.end();
  } catch (error) {
    if (error === stillMaking && !response.headersSent) {
      // Who asks again for the same takes it over.
      await own((manager) => manager.update(Archive, { id }, { isTaken: false }));
      throw error;
    }
    await own((manager) => manager.delete(Archive, { id }));
    if (!response.headersSent) throw error;
    response.destroy();
  }
}
