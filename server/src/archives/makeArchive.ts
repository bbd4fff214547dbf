import { SHIPPED_WORDING } from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import { Archive } from '../database/entities/Archive';
import { ArchivePart } from '../database/entities/ArchivePart';
import { Image } from '../database/entities/Image';
import { inPractice } from '../database/inPractice';
import type { JobData } from '../jobs/queues';
import { clientEntries } from '../leave/clientEntries';
import { practiceEntries } from '../leave/practiceEntries';
import { zipped, type ZipEntry } from '../leave/zipped';
import { maybeClientFile } from '../records/readFile';
import { listWordings, readSettings } from '../settings/readSettings';
import { inParts } from './inParts';

/** Few enough that a part fits into memory many times, large enough that they are not many. */
const PART_BYTES = 256 * 1024;

type Asked = JobData['make-archive'];

async function* entriesOf(
  manager: EntityManager,
  { clientId }: Asked,
  on: string,
): AsyncGenerator<ZipEntry> {
  if (!clientId) return yield* practiceEntries(manager, on);
  const file = await maybeClientFile(manager, clientId);
  // Erased since it was asked for: its archive went with it.
  if (!file) return;
  yield* clientEntries({
    file,
    images: await manager.findBy(Image, { clientId }),
    wordings: [SHIPPED_WORDING, ...(await listWordings(manager))],
    norms: (await readSettings(manager)).norms,
    on,
  });
}

/** Everything in it is as it was at one moment, however long the packing takes. */
const readAtOnce = <T>(
  source: DataSource,
  practiceId: string,
  work: (manager: EntityManager) => Promise<T>,
): Promise<T> =>
  source.transaction('REPEATABLE READ', async (manager) => {
    await manager.query(`SELECT set_config('app.practice_id', $1, true)`, [practiceId]);
    return work(manager);
  });

/** False when nobody wants it any more: who fetched it has gone, or it was erased. */
const keepPart = (
  source: DataSource,
  { practiceId, archiveId }: Asked,
  place: number,
  bytes: Buffer,
) =>
  inPractice(source, practiceId, async (manager) => {
    const isWanted = await manager.existsBy(Archive, { id: archiveId });
    if (isWanted) await manager.insert(ArchivePart, { archiveId, practiceId, place, bytes });
    return isWanted;
  });

const setState = (source: DataSource, { practiceId, archiveId }: Asked, state: Archive['state']) =>
  inPractice(source, practiceId, (manager) =>
    manager.update(Archive, { id: archiveId }, { state }),
  );

/**
 * Packs an archive and puts it down part by part, each in a transaction of its own: who waits for it reads the
 * first while the last is not packed. A try that failed is not gone on with: who waits is told, and asks anew.
 */
export async function makeArchive(source: DataSource, asked: Asked, now: Date): Promise<void> {
  try {
    await readAtOnce(source, asked.practiceId, async (manager) => {
      const parts = inParts(zipped(entriesOf(manager, asked, now.toISOString())), PART_BYTES);
      let place = 0;
      for await (const bytes of parts) if (!(await keepPart(source, asked, place++, bytes))) return;
    });
    await setState(source, asked, 'made');
  } catch (error) {
    await setState(source, asked, 'failed');
    throw error;
  }
}
