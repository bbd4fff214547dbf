import express, { Router } from 'express';
import { existsSync } from 'node:fs';
import { join } from 'node:path';

/** The exported web app; any address that is not a file or the API opens it. */
export function webApp(dist: string): Router {
  const router = Router();
  if (!existsSync(join(dist, 'index.html'))) return router;
  router.use(
    express.static(dist, {
      index: false,
      maxAge: '1h',
      setHeaders: (response, path) => {
        // A new one is found on the next visit, not an hour later.
        if (path.endsWith('sw.js')) response.setHeader('Cache-Control', 'no-cache');
        if (path.includes('/_expo/static/'))
          response.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
      },
    }),
  );
  router.get('/{*path}', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(dist, 'index.html'));
  });
  return router;
}
