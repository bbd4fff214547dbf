import { Router, type Request, type Response } from 'express';
import expressStaticGzip from 'express-static-gzip';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { AppError } from '../errors';
import { maybeToken } from './sessionCookie';

const YEAR = 'public, max-age=31536000, immutable';

/** Pages of one app that differ in what they have fetched ahead: a client's, the door, a coach's day, all else. */
function pageFor(request: Request): string {
  if (request.path === '/home') return '/home.html';
  if (!maybeToken(request)) return '/door.html';
  return request.path === '/' ? '/today.html' : '/index.html';
}

/** Names under here carry a hash of what is in them. */
const isHashed = (path: string): boolean =>
  path.includes('/_expo/static/') || path.includes('/assets/');

const isPage = (path: string): boolean => /\.html(\.\w+)?$/.test(path);

/** A page, a service worker or the version may change at any time: kept, but asked for again. */
const cacheFor = (path: string): string => (isHashed(path) ? YEAR : 'no-cache');

/**
 * The exported web app, compressed as it was when it was built; any address that is not a file or the
 * API opens it.
 */
export function webApp(dist: string): Router {
  const router = Router();
  if (!existsSync(join(dist, 'index.html'))) return router;
  const files = expressStaticGzip(dist, {
    index: false,
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    serveStatic: {
      setHeaders: (response, path) => {
        response.setHeader('Cache-Control', cacheFor(path));
        // Which page it is hangs on whether somebody is signed in.
        if (isPage(path)) (response as Response).vary('Cookie');
      },
    },
  });
  router.use(files);
  // An older tab asks for a part that a newer build no longer has: a page would be no answer.
  router.get(['/_expo/{*path}', '/assets/{*path}'], () => {
    throw new AppError(404, {
      code: 'no-such-part',
      message: 'This part of the app is not here.',
      hint: 'There is a newer version: load the page anew.',
    });
  });
  router.get('/{*path}', (request, response, next) => {
    request.url = pageFor(request);
    files(request, response, next);
  });
  return router;
}
