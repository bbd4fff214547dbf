import { Router } from 'express';
import type { DataSource } from 'typeorm';

/** Up, and is the database answering? */
export function healthRoute(source: DataSource): Router {
  const router = Router();
  router.get('/health', async (_request, response) => {
    const database = await source.query('SELECT 1').then(
      () => 'ok',
      () => 'away',
    );
    response
      .status(database === 'ok' ? 200 : 503)
      .json({ status: database === 'ok' ? 'ok' : 'degraded', database });
  });
  return router;
}
