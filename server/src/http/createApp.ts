import { caseJsonSchema } from '@taxikine/core';
import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { KnownSessions } from '../auth/KnownSessions';
import { createTries } from '../auth/tries';
import { AppError } from '../ground/errors';
import type { ChangeFeed } from '../changes/ChangeFeed';
import { accountRoutes } from './accountRoutes';
import { answerErrors } from './answerErrors';
import { changeRoute } from './changeRoute';
import { clientRoutes } from './clientRoutes';
import { factorRoutes } from './factorRoutes';
import { fileRoute } from './fileRoute';
import { deedRoutes } from './deedRoutes';
import { foundingRoutes } from './foundingRoutes';
import { headers } from './headers';
import { healthRoute } from './healthRoute';
import { homeRoutes } from './homeRoutes';
import { jsonBody } from './jsonBody';
import { keepingRoutes } from './keepingRoutes';
import { knownHost } from './knownHost';
import { leaveRoutes } from './leaveRoutes';
import { linkRoutes } from './linkRoutes';
import { logRequests } from './logRequests';
import { needSession } from './needSession';
import { once } from './once';
import { openapi } from './openapi';
import { outboxRoutes } from './outboxRoutes';
import { passkeyDoor, passkeyRoutes } from './passkeyRoutes';
import { peopleRoutes } from './peopleRoutes';
import { practiceRoutes } from './practiceRoutes';
import { recordRoutes } from './recordRoutes';
import { reportRoutes } from './reportRoutes';
import { restoreRoutes } from './restoreRoutes';
import { sameOrigin } from './sameOrigin';
import { setSecure } from './sessionCookie';
import { sessionRoutes } from './sessionRoutes';
import { settingsRoutes } from './settingsRoutes';
import { welcomeRoutes } from './welcomeRoutes';
import { takeTurns } from './takeTurns';
import { webApp } from './webApp';

export interface AppOptions {
  readonly source: DataSource;
  readonly log: Logger;
  readonly now: () => Date;
  /** Hears of every write; whoever made it ends it. */
  readonly changes: ChangeFeed;
  /** Folder of the exported web app. */
  readonly dist: string;
  /** Cookies only over HTTPS: on behind a TLS proxy, off on loopback. */
  readonly secure: boolean;
  /** Names that the server goes by, besides those of this machine; any, when left out. */
  readonly names?: readonly string[] | null;
  /** How many proxies stand in front and say where a request is from; none by default. */
  readonly proxies?: number;
  /** So long a request waits for what the worker makes, in milliseconds. */
  readonly madeWithinMs?: number;
}

/** Less than the app waits for an answer: it is told that it is not ready, and asks again. */
const MADE_WITHIN_MS = 20_000;

/** A smaller answer fits into a packet or two as it is. */
const COMPRESSED_FROM_BYTES = 2048;

/** Each takes long, and says the same every time. */
const documents = { openapi: once(openapi), caseSchema: once(caseJsonSchema) };

const noSuchRoute: express.RequestHandler = () => {
  throw new AppError(404, {
    code: 'no-such-route',
    message: 'There is no such address in the API.',
  });
};

/** The whole application: API under /api/v1, health, and the web app. */
export function createApp({
  source,
  log,
  now,
  changes,
  dist,
  secure,
  names = null,
  proxies = 0,
  madeWithinMs = MADE_WITHIN_MS,
}: AppOptions): Express {
  const app = express();
  const sessions = new KnownSessions(source);
  changes.watchSessions((hash) => (hash ? sessions.forget(hash) : sessions.forgetAll()));
  const tries = createTries(source);
  app.set('trust proxy', proxies);
  app.disable('x-powered-by');
  // Nothing of the API is kept by a browser; files have tags of their own.
  app.disable('etag');
  setSecure(app, secure);
  app.use(...headers(secure), logRequests(log), knownHost(names));
  app.use(healthRoute(source));
  const api = express.Router();
  api.use(compression({ threshold: COMPRESSED_FROM_BYTES }));
  api.use(sameOrigin, jsonBody());
  api.get('/openapi.json', async (_request, response) => {
    response.json(await documents.openapi());
  });
  api.get('/case.schema.json', (_request, response) => void response.json(documents.caseSchema()));
  api.use(sessionRoutes(source, sessions, tries, now));
  api.use(passkeyDoor(source, tries, secure));
  api.use(homeRoutes(source, tries, now), welcomeRoutes(source, sessions, tries));
  api.use(foundingRoutes(source, tries));
  api.use(needSession(sessions), changeRoute(changes, sessions));
  api.use(
    reportRoutes(source, madeWithinMs),
    leaveRoutes(source, now, madeWithinMs),
    restoreRoutes(source, now),
  );
  // What goes on for long has limits of its own.
  api.use(takeTurns(), clientRoutes(source, now), fileRoute(source));
  api.use(
    accountRoutes(source, sessions, tries),
    factorRoutes(source, now),
    passkeyRoutes(source, secure),
    peopleRoutes(source, sessions),
    deedRoutes(source),
    settingsRoutes(source, sessions),
  );
  api.use(practiceRoutes(source), keepingRoutes(source), linkRoutes(source, now));
  api.use(outboxRoutes(source), ...recordRoutes(source), noSuchRoute);
  app.use(
    '/api/v1',
    (_request, response, next) => {
      response.setHeader('Cache-Control', 'no-store');
      next();
    },
    api,
  );
  app.use(webApp(dist));
  app.use(answerErrors(log));
  return app;
}
