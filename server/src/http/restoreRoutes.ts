import type { RestoreShown } from '@taxikine/core';
import { Router, type Request } from 'express';
import type { DataSource, EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { Restore } from '../database/entities/Restore';
import { inPractice } from '../database/inPractice';
import { AppError } from '../ground/errors';
import { MOST_ARCHIVE, receiveArchive, tooLargeArchive } from '../restore/receiveArchive';
import { needConfirmed } from './needConfirmed';
import { signedIn } from './needSession';

const noArchive = new AppError(415, {
  code: 'no-archive',
  message: 'Send the archive as application/zip.',
});

const cutOff = new AppError(400, {
  code: 'cut-off',
  message: 'The archive did not come to its end.',
  hint: 'Nothing was written. Choose it again.',
});

/** What the request says of itself: an archive that is too large is refused before a byte of it is read. */
function checkHead(request: Request): void {
  if (!request.is('application/zip')) throw noArchive;
  if (Number(request.headers['content-length'] ?? 0) > MOST_ARCHIVE) throw tooLargeArchive;
}

function shown({
  practiceId: _,
  askedBy: _by,
  touchedOn: _on,
  bytes: _bytes,
  ...rest
}: Restore): RestoreShown {
  return rest;
}

const lastOf = async (manager: EntityManager): Promise<RestoreShown | null> => {
  const [last] = await manager.find(Restore, { order: { askedOn: 'DESC' }, take: 1 });
  return last ? shown(last) : null;
};

/** An archive that is put back: it is received here and read by the worker. */
export function restoreRoutes(source: DataSource, now: () => Date): Router {
  const router = Router();

  router.post('/practice/restore', needConfirmed(source), async (request, response) => {
    checkHead(request);
    const { practice, coach } = signedIn(response);
    const asked = { practiceId: practice.id, coachId: coach.id, stream: request, now };
    await receiveArchive(source, asked).catch((error: unknown) => {
      throw request.readableAborted ? cutOff : error;
    });
    const restore = await inPractice(source, practice.id, async (manager) => {
      await noteDeed(manager, { by: coach.id, deed: 'practice-restored' });
      return lastOf(manager);
    });
    response.status(202).json({ restore });
  });

  router.get('/practice/restore', async (_request, response) => {
    response.json({ restore: await inPractice(source, signedIn(response).practice.id, lastOf) });
  });

  return router;
}
