import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Router, type Request } from 'express';
import { AppError } from '../ground/errors';
import { sendWebFile } from './sendWebFile';
import { maybeToken } from './sessionCookie';

const YEAR = 'public, max-age=31536000, immutable';

/** Pages of one app that differ in what they have fetched ahead: a client's, the door, a coach's day, all else. */
function pageFor(request: Request): string {
  if (request.path === '/home') return '/home.html';
  if (!maybeToken(request)) return '/door.html';
  return request.path === '/' ? '/today.html' : '/index.html';
}

/** Names under here carry a hash of what is in them; all else may change at any time, and is asked for again. */
const cacheFor = (path: string): string =>
  /^\/(_expo\/static|assets)\//.test(path) ? YEAR : 'no-cache';

const noSuchPart = new AppError(404, {
  code: 'no-such-part',
  message: 'This part of the app is not here.',
  hint: 'There is a newer version: load the page anew.',
});

const beingBuilt = new AppError(503, {
  code: 'being-built',
  message: 'The app is being built anew.',
  hint: 'Load the page again in a minute.',
});

const isFileName = (path: string): boolean => /\.\w+$/.test(path);

/**
 * The exported web app, compressed as it was when it was built; any address that is not a file or the
 * API opens it.
 */
export function webApp(dist: string): Router {
  const router = Router();
  if (!existsSync(join(dist, 'index.html'))) return router;

  router.get('/{*path}', async (request, response, next) => {
    const { path } = request;
    const headers = { 'Cache-Control': cacheFor(path) };
    if (isFileName(path) && (await sendWebFile(request, response, { dist, path, headers }))) return;
    // An older tab asks for what a newer build no longer has: a page would be no answer.
    if (cacheFor(path) === YEAR) throw noSuchPart;
    next();
  });

  router.get('/{*path}', async (request, response) => {
    // Which page it is hangs on whether somebody is signed in.
    response.vary('Cookie');
    const headers = { 'Cache-Control': 'no-cache' };
    if (!(await sendWebFile(request, response, { dist, path: pageFor(request), headers })))
      throw beingBuilt;
  });
  return router;
}
