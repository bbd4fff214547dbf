import type { RequestHandler } from 'express';
import type { Logger } from 'pino';

/** Method, route pattern, status and time: no addresses, no bodies, no ids of people. */
export const logRequests = (log: Logger): RequestHandler =>
  function (request, response, next) {
    const started = performance.now();
    response.on('finish', () => {
      const ms = Math.round(performance.now() - started);
      const route = (request.route as { path?: string } | undefined)?.path ?? 'static';
      log.info(
        {
          method: request.method,
          route: `${request.baseUrl}${route}`,
          status: response.statusCode,
          ms,
        },
        'request',
      );
    });
    next();
  };
