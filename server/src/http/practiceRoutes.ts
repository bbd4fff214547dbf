import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { inPractice } from '../database/inPractice';
import { practiceFile } from '../records/readFile';
import { signedIn } from './needSession';

/** What belongs to the practice and to no client; single records are in `recordRoutes`. */
export function practiceRoutes(source: DataSource): Router {
  const router = Router();
  router.get('/practice/file', async (_request, response) => {
    response.json(await inPractice(source, signedIn(response).practice.id, practiceFile));
  });
  return router;
}
