import { In, LessThan, type DataSource, type EntityManager } from 'typeorm';
import { inParts } from '../archives/inParts';
import { Restore } from '../database/entities/Restore';
import { RestorePart } from '../database/entities/RestorePart';
import { inPractice } from '../database/inPractice';
import { AppError } from '../ground/errors';
import { sendJob } from '../jobs/sendJob';
import { endRestore } from './restoreState';

/** An archive as it comes: the server holds one part of it at a time. */
export interface Receiving {
  readonly practiceId: string;
  readonly coachId: string;
  readonly stream: AsyncIterable<Uint8Array>;
  readonly now: () => Date;
}

export const MOST_ARCHIVE = 1024 ** 3;
const PART_BYTES = 256 * 1024;

/** After so long without a byte the upload is gone; after so long without a worker's hand, the worker gave up. */
const GONE_AFTER_MS = { receiving: 60_000, waiting: 900_000 } as const;

const underWay = new AppError(409, {
  code: 'under-way',
  message: 'An archive is being put back already.',
  hint: 'Wait until it is over; it goes on by itself.',
});

export const tooLargeArchive = new AppError(413, {
  code: 'too-large',
  message: `The archive is larger than ${MOST_ARCHIVE / 1024 ** 2} MB.`,
  hint: 'Nothing was written.',
});

/** Lets go of what nobody is at any more, so that it is in nobody's way. */
async function endGone(manager: EntityManager, now: Date): Promise<void> {
  for (const state of ['receiving', 'waiting'] as const) {
    const before = new Date(now.getTime() - GONE_AFTER_MS[state]).toISOString();
    const gone = await manager.findBy(Restore, { state, touchedOn: LessThan(before) });
    for (const { id } of gone) await endRestore(manager, id, { state: 'failed' });
  }
}

const NOTHING_YET = {
  state: 'receiving',
  bytes: 0,
  clients: null,
  read: 0,
  made: 0,
  known: 0,
  erased: 0,
  erasedAgain: 0,
  refused: 0,
  closed: 0,
  problems: [],
} as const;

/** @throws AppError 409 while another one is under way in this practice */
async function begin(manager: EntityManager, practiceId: string, coachId: string, now: Date) {
  await endGone(manager, now);
  const on = now.toISOString();
  const id = crypto.randomUUID();
  const row = {
    ...NOTHING_YET,
    problems: [],
    id,
    practiceId,
    askedBy: coachId,
    askedOn: on,
    touchedOn: on,
  };
  await manager.createQueryBuilder().insert().into(Restore).values(row).orIgnore().execute();
  if (!(await manager.existsBy(Restore, { id }))) throw underWay;
  await manager.delete(Restore, { state: In(['done', 'refused', 'failed']) });
  return id;
}

/**
 * Puts an archive down part by part as it comes, and gives the worker word. Of one that does not come to its end
 * nothing stays.
 *
 * @returns its id
 * @throws AppError 409 while another one is under way, 413 when it is too large
 */
export async function receiveArchive(
  source: DataSource,
  { practiceId, coachId, stream, now }: Receiving,
): Promise<string> {
  const own = <T>(work: (manager: EntityManager) => Promise<T>) =>
    inPractice(source, practiceId, work);
  const id = await own((manager) => begin(manager, practiceId, coachId, now()));
  let startsAt = 0;
  const keepPart = (bytes: Buffer) =>
    own(async (manager) => {
      await manager.insert(RestorePart, { restoreId: id, practiceId, startsAt, bytes });
      await manager.update(Restore, { id }, { touchedOn: now().toISOString() });
    });
  try {
    for await (const bytes of inParts(stream, PART_BYTES)) {
      if (startsAt + bytes.length > MOST_ARCHIVE) throw tooLargeArchive;
      await keepPart(bytes);
      startsAt += bytes.length;
    }
    await own(async (manager) => {
      const row = { state: 'waiting', bytes: startsAt, touchedOn: now().toISOString() } as const;
      await manager.update(Restore, { id }, row);
      await sendJob(manager, 'put-back', { practiceId, restoreId: id });
    });
    return id;
  } catch (error) {
    await own((manager) => manager.delete(Restore, { id }));
    throw error;
  }
}
