import type { RestoreProblem } from '@taxikine/core';
import { LessThanOrEqual, type DataSource, type EntityManager } from 'typeorm';
import { translated } from '../database/databaseErrors';
import { Restore } from '../database/entities/Restore';
import { RestorePart } from '../database/entities/RestorePart';
import { inPractice } from '../database/inPractice';
import { AppError } from '../ground/errors';
import type { JobData } from '../jobs/queues';
import { sendJob } from '../jobs/sendJob';
import { PRACTICE_FILE, type PracticeDocument } from '../leave/practiceEntries';
import { clientOf, practiceOf } from './archiveFiles';
import { openArchive, type OpenArchive } from './openArchive';
import { PartsReader, type Part } from './PartsReader';
import { addRows, restoreClient } from './restoreClient';
import { restoreErasures } from './restoreErasures';
import { countClient, countRefused, endRestore, maybeNext } from './restoreState';

/** A job takes no longer than about this and hands over to the next: one that died is found soon. */
const TURN_MS = 20_000;

interface Run {
  readonly asked: JobData['put-back'];
  readonly own: <T>(work: (manager: EntityManager) => Promise<T>) => Promise<T>;
  readonly archive: OpenArchive;
  /** Who handed it over. */
  readonly coachId: string;
  /** Now, as an instant. */
  readonly now: () => string;
}

/** What is wrong with the archive, in words that may be shown; everything else is thrown on. */
function problemOf(raised: unknown, file: string): RestoreProblem {
  const error = translated(raised);
  if (!(error instanceof AppError) || error.status >= 500) throw raised;
  return { path: error.shape.path ?? file, message: error.shape.message };
}

const partWith =
  (own: Run['own'], restoreId: string) =>
  (position: number): Promise<Part> =>
    own((manager) =>
      manager.findOneOrFail(RestorePart, {
        where: { restoreId, startsAt: LessThanOrEqual(position) },
        order: { startsAt: 'DESC' },
      }),
    );

/** What is the practice's and no client's. */
async function addPractice(
  manager: EntityManager,
  practiceId: string,
  coachId: string,
  { file, wordings }: PracticeDocument,
): Promise<void> {
  for (const { version, text, madeOn } of wordings)
    await manager.query(
      `INSERT INTO consent_wording (practice_id, version, text, made_by, made_on, restored)
       VALUES ($1, $2, $3, $4, $5, true) ON CONFLICT DO NOTHING`,
      [practiceId, version, text, coachId, madeOn],
    );
  await addRows(manager, 'ownDrills', file.ownDrills, practiceId);
  const rooms = file.rooms.map((room) => ({ ...room, id: practiceId }));
  await addRows(manager, 'rooms', rooms, practiceId);
}

/** Puts the client of the next file back, or tells why not; false when somebody else is at it. */
async function isTaken({ asked, own, archive, coachId, now }: Run, read: number): Promise<boolean> {
  const { practiceId, restoreId } = asked;
  const name = archive.clients[read];
  const next = (work: (manager: EntityManager, restore: Restore) => Promise<unknown>) =>
    own(async (manager) => {
      const restore = await maybeNext(manager, restoreId, read);
      if (restore) await work(manager, restore);
      return restore !== null;
    });
  try {
    const document = clientOf(await archive.json(name), name);
    const restoring = { practiceId, name, bytes: archive.bytes, on: now(), coachId };
    return await next(async (manager, restore) => {
      const became = await restoreClient(manager, document, restoring);
      await countClient(manager, restore, became, now());
    });
  } catch (error) {
    const problem = problemOf(error, name);
    return next((manager, restore) => countRefused(manager, restore, problem, now()));
  }
}

/** Client by client from where it stands; whether that was all, or its turn is over, or somebody else is at it. */
async function takeTurn(run: Run, from: number): Promise<'all' | 'more' | 'others'> {
  const until = performance.now() + TURN_MS;
  for (let read = from; read < run.archive.clients.length; read++) {
    if (performance.now() > until) return 'more';
    if (!(await isTaken(run, read))) return 'others';
  }
  return 'all';
}

/** Opens the archive, and puts the practice's own back: both may be done again. */
async function opened(
  { practiceId, id: restoreId, bytes, askedBy: coachId }: Restore,
  own: Run['own'],
): Promise<OpenArchive> {
  const archive = await openArchive(new PartsReader(partWith(own, restoreId)), bytes);
  const practice = practiceOf(await archive.json(PRACTICE_FILE));
  await own(async (manager) => {
    await addPractice(manager, practiceId, coachId, practice);
    const again = await restoreErasures(manager, practice.erasures, { practiceId, coachId });
    const erasedAgain = () => `erased_again + ${again}`;
    const clients = archive.clients.length;
    await manager.update(Restore, { id: restoreId }, { clients, erasedAgain });
  });
  return archive;
}

/**
 * Puts back what an archive holds and this practice lacks, client by client, each in a transaction of its own: what is
 * damaged of one takes nothing from the others. It may die at any moment and is gone on with where it stood.
 */
export async function putBack(
  source: DataSource,
  asked: JobData['put-back'],
  clock: () => Date,
): Promise<void> {
  const { practiceId, restoreId: id } = asked;
  const own: Run['own'] = (work) => inPractice(source, practiceId, work);
  const now = () => clock().toISOString();
  const restore = await own((manager) => manager.findOneBy(Restore, { id, state: 'waiting' }));
  if (!restore) return;
  const archive = await opened(restore, own).catch(async (error: unknown) => {
    const problems = [problemOf(error, '')];
    await own((manager) => endRestore(manager, id, { state: 'refused', problems }));
    return null;
  });
  if (!archive) return;
  const run = { asked, own, archive, coachId: restore.askedBy, now };
  const turn = await takeTurn(run, restore.read);
  if (turn === 'more') await own((manager) => sendJob(manager, 'put-back', asked));
  if (turn === 'all') await own((manager) => endRestore(manager, id, { state: 'done' }));
}
