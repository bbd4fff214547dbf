import { caseJsonSchema } from '@taxikine/core';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { AppError } from '../errors';
import { answerErrors } from './answerErrors';
import { clientRoutes } from './clientRoutes';
import { healthRoute } from './healthRoute';
import { logRequests } from './logRequests';
import { needSession } from './needSession';
import { openapi } from './openapi';
import { practiceRoutes } from './practiceRoutes';
import { recordRoutes } from './recordRoutes';
import { reportRoutes } from './reportRoutes';
import { sameOrigin } from './sameOrigin';
import { sessionRoutes } from './sessionRoutes';
import { webApp } from './webApp';

export interface AppOptions {
  readonly source: DataSource;
  readonly log: Logger;
  readonly now: () => Date;
  /** Folder of the exported web app. */
  readonly dist: string;
  /** Cookies only over HTTPS: on behind a TLS proxy, off on loopback. */
  readonly secure: boolean;
}

/** React Native for Web writes its style sheet at run time, so inline styles are allowed; scripts are not. */
const headers = (secure: boolean) =>
  helmet({
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        // A video file that is scrubbed for one moment of it.
        mediaSrc: ["'self'", 'blob:'],
        workerSrc: ["'self'"],
        upgradeInsecureRequests: secure ? [] : null,
      },
    },
    strictTransportSecurity: secure,
  });

const noSuchRoute: express.RequestHandler = () => {
  throw new AppError(404, {
    code: 'no-such-route',
    message: 'There is no such address in the API.',
  });
};

/** The whole application: API under /api/v1, health, and the web app. */
export function createApp({ source, log, now, dist, secure }: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(headers(secure), logRequests(log));
  app.use(healthRoute(source));
  const api = express.Router();
  api.use(sameOrigin, express.json({ limit: '1mb' }));
  api.get('/openapi.json', (_request, response) => void response.json(openapi()));
  api.get('/case.schema.json', (_request, response) => void response.json(caseJsonSchema()));
  api.use(sessionRoutes(source, secure));
  api.use(needSession(source), clientRoutes(source, now), practiceRoutes(source));
  api.use(reportRoutes(source));
  api.use(...recordRoutes(source), noSuchRoute);
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
